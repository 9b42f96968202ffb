export class Light {
  describe() { throw new Error('a kind of light says what it shows'); }
}

export class RedLight extends Light {
  describe() { return 'port side'; }
}

export class GreenLight extends Light {
  describe() { return 'starboard'; }
}

export class WhiteLight extends Light {
  constructor(degrees) {
    super();
    this.degrees = degrees;
  }
  describe() { return `white over ${this.degrees}`; }
}

export function createLight(colour) {
  switch (colour) {
    case 'red': return new RedLight();
    case 'green': return new GreenLight();
    case 'white': return new WhiteLight(225);
  }
  return null;
}
