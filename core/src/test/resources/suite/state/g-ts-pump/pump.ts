export class Pump {
  private mode: Mode;
  private litres = 0;

  constructor() {
    this.mode = new Off(this);
  }

  become(mode: Mode): void {
    this.mode = mode;
  }

  press(): void {
    this.mode.press();
  }

  tick(): void {
    if (this.mode instanceof Fast) {
      this.litres += 10;
    }
    this.mode.tick();
  }

  pumped(litres: number): void {
    this.litres += litres;
  }
}

export abstract class Mode {
  constructor(protected readonly pump: Pump) {}
  abstract press(): void;
  tick(): void {}
}

class Off extends Mode {
  press(): void {
    this.pump.become(new Slow(this.pump));
  }
}

class Slow extends Mode {
  press(): void {
    this.pump.become(new Fast(this.pump));
  }
  override tick(): void {
    this.pump.pumped(1);
  }
}

class Fast extends Mode {
  press(): void {
    this.pump.become(new Off(this.pump));
  }
  override tick(): void {
    this.pump.pumped(5);
  }
}

class Jammed extends Mode {
  press(): void {
    throw new Error('jammed');
  }
}
