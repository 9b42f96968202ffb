import { gearFor, Kind } from './shed';
export class Trip {
  constructor(private readonly kinds: Kind[]) {}
  total(hours: number): number {
    return this.kinds.map((kind) => gearFor(kind).catchOf(hours)).reduce((a, b) => a + b, 0);
  }
}
