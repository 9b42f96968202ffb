interface Lamp {
  on(): void;
}

class PlainLamp implements Lamp {
  private lit = false;
  on(): void {
    this.lit = true;
  }
}

class FlashLamp implements Lamp {
  private rate = 1;
  on(): void {
    this.rate = 2;
  }
  flash(rate: number): void {
    this.rate = rate;
  }
}

export class Lighthouse {
  constructor(private readonly lamp: FlashLamp) {}

  dusk(): void {
    this.lamp.on();
    this.lamp.flash(4);
  }
}

new Lighthouse(new FlashLamp()).dusk();
new PlainLamp().on();
