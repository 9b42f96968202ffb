export interface Reading {
  at: number;
  metres: number;
}

export class TideReadings implements AsyncIterableIterator<Reading> {
  private page = 0;
  private rows: Reading[] = [];

  constructor(private readonly archive: Archive) {}

  async next(): Promise<IteratorResult<Reading>> {
    if (this.rows.length === 0) {
      this.rows = await this.archive.load(this.page++);
    }
    const value = this.rows.shift();
    return value ? { done: false, value } : { done: true, value: undefined };
  }

  [Symbol.asyncIterator](): AsyncIterableIterator<Reading> {
    return this;
  }
}

export class Archive {
  private readonly pages: Reading[][] = [];

  keep(rows: Reading[]): void {
    this.pages.push(rows);
  }

  async load(page: number): Promise<Reading[]> {
    return [...(this.pages[page] ?? [])];
  }

  readings(): TideReadings {
    return new TideReadings(this);
  }
}
