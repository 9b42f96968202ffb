export class BerthList implements Iterable<string> {
  private readonly rows: string[][] = [];

  add(row: string[]): void {
    this.rows.push([...row]);
  }

  *[Symbol.iterator](): IterableIterator<string> {
    for (const row of this.rows) {
      for (const berth of row) {
        yield berth;
      }
    }
  }
}
