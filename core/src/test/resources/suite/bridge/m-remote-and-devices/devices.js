class Device {
  switchOn() { throw new Error('not implemented'); }
  switchOff() { throw new Error('not implemented'); }
  level(percent) { throw new Error('not implemented'); }
}

class Radio extends Device {
  constructor() {
    super();
    this.volume = 0;
  }

  switchOn() { this.volume = 10; }
  switchOff() { this.volume = 0; }
  level(percent) { this.volume = percent; }
}

class Blind extends Device {
  switchOn() { this.open = true; }
  switchOff() { this.open = false; }
  level(percent) { this.slats = percent; }
}

module.exports = { Device, Radio, Blind };
