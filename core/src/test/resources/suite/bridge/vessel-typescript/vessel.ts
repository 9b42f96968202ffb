export interface Drive { push(knots: number): number; }
export class Diesel implements Drive { push(knots: number): number { return knots * 10; } }
export class Sail implements Drive { push(knots: number): number { return knots > 5 ? knots : 0; } }
export abstract class Vessel {
  constructor(protected drive: Drive) {}
  abstract cross(): number;
}
export class Ferry extends Vessel { cross(): number { return this.drive.push(12); } }
export class Tug extends Vessel { cross(): number { return this.drive.push(4) + this.drive.push(4); } }
export class Line {
  plan(): number { return new Ferry(new Diesel()).cross() + new Tug(new Sail()).cross(); }
}
