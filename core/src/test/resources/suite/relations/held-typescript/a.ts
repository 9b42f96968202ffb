export interface Moorable { moor(): void; }
export abstract class Craft { constructor(protected readonly pilot: Pilot, public flag?: Flag) {} }
export class Barge extends Craft implements Moorable {
  private crates: Crate[] = [];
  moor(): void { new Line().tie(); }
  load(crate: Crate): void { this.crates.push(crate); }
}
export class Pilot {}
export class Flag { colour = 'red'; }
export class Crate { kilos = 3; }
export class Line { tie(): void {} }
export class Quay { moor(): void {} }
export function use(m: Moorable): void { m.moor(); }
use(new Quay());
