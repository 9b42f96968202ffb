export interface Filter { keeps(ship: string): boolean }
export class Search {
  constructor(private readonly filter?: Filter, private readonly limit = 20) {}
  run(ships: string[]): string[] {
    const kept = this.filter ? ships.filter(ship => this.filter!.keeps(ship)) : ships;
    return kept.slice(0, this.limit);
  }
}
export class LengthFilter implements Filter { constructor(private readonly least: number) {} keeps(ship: string) { return ship.length >= this.least; } }
export class ByFlag implements Filter { constructor(private readonly flag: string) {} keeps(ship: string) { return ship.startsWith(this.flag); } }
