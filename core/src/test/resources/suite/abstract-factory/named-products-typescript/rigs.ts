export interface Mast { height(): number }
export interface Sail { area(): number }

export abstract class Rigger {
  abstract mast(length: number): Mast;
  abstract sail(mast: Mast): Sail;
}

export class PineMast implements Mast {
  constructor(private readonly length: number) {}
  height(): number { return this.length * 0.8; }
}
export class LateenSail implements Sail {
  constructor(private readonly mast: Mast) {}
  area(): number { return this.mast.height() * 3; }
}
export class CarbonMast implements Mast {
  constructor(private readonly length: number) {}
  height(): number { return this.length; }
}
export class MembraneSail implements Sail {
  constructor(private readonly mast: Mast) {}
  area(): number { return this.mast.height() ** 2 / 2; }
}

export class OldRigger extends Rigger {
  mast(length: number): Mast { return new PineMast(length); }
  sail(mast: Mast): Sail { return new LateenSail(mast); }
}
export class RaceRigger extends Rigger {
  mast(length: number): Mast { return new CarbonMast(length); }
  sail(mast: Mast): Sail { return new MembraneSail(mast); }
}
