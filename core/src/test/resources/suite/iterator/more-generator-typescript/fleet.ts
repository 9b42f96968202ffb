export class Fleet {
  private ships: string[] = [];
  add(ship: string): void { this.ships.push(ship); }
  *[Symbol.iterator](): IterableIterator<string> {
    for (const ship of this.ships) yield ship;
  }
  *backwards(): Generator<string> {
    for (let i = this.ships.length - 1; i >= 0; i--) yield this.ships[i];
  }
}
export function roll(fleet: Fleet): string[] { const out: string[] = []; for (const s of fleet) out.push(s); return out; }
