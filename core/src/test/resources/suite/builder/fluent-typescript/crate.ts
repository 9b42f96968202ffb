export class Crate { wood = ""; grams = 0; }
export class CrateBuilder {
  private crate = new Crate();
  of(wood: string): this { this.crate.wood = wood; return this; }
  weighing(grams: number): this { this.crate.grams = grams; return this; }
  finish(): Crate { return this.crate; }
}
export class Packer {
  pack(): Crate { return new CrateBuilder().of("pine").weighing(900).finish(); }
}
