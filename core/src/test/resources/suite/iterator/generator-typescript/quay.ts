export class Quay implements Iterable<string> {
  private readonly ships: string[] = [];

  moor(ship: string): void {
    this.ships.push(ship);
  }

  *[Symbol.iterator](): Iterator<string> {
    for (const ship of this.ships) {
      yield ship;
    }
  }
}

const quay = new Quay();
quay.moor('Doris');
for (const ship of quay) {
  console.log(ship);
}
