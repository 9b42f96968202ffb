import { Canvas, Pole, TentBuilder } from "./tents";

export class Fair {
  constructor(readonly name: string, readonly stalls: string[], readonly music?: string) {}
}

/** Puts one thing together, step by step. */
export class FairFactory {
  private stalls: string[] = [];
  private music?: string;

  constructor(private readonly name: string) {}

  stall(what: string): this {
    this.stalls.push(what);
    return this;
  }

  band(who: string): this {
    this.music = who;
    return this;
  }

  open(): Fair {
    if (this.stalls.length === 0) throw new Error("a fair needs a stall");
    return new Fair(this.name, [...this.stalls], this.music);
  }
}

export class Site {
  private poles: Pole[] = [];
  private roof?: Canvas;

  constructor(private readonly tents: TentBuilder) {}

  raise(): number {
    this.poles = [this.tents.pole(), this.tents.pole()];
    this.roof = this.tents.canvas();
    return this.roof.area() / this.poles.length;
  }
}
