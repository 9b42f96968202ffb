export interface Pole { length(): number }
export interface Canvas { area(): number }

export class SteelPole implements Pole { length(): number { return 3; } }
export class OakPole implements Pole { length(): number { return 4; } }
export class Cotton implements Canvas { area(): number { return 20; } }
export class Nylon implements Canvas { area(): number { return 16; } }

/** Makes parts that go together. */
export interface TentBuilder {
  pole(): Pole;
  canvas(): Canvas;
}

export class OldTentBuilder implements TentBuilder {
  pole(): Pole { return new OakPole(); }
  canvas(): Canvas { return new Cotton(); }
}

export class NewTentBuilder implements TentBuilder {
  pole(): Pole { return new SteelPole(); }
  canvas(): Canvas { return new Nylon(); }
}
