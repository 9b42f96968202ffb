export interface BargeWatch {
  moored(barge: string): void;
}

export class Quay {
  private watches: BargeWatch[] = [];

  join(watch: BargeWatch): () => void {
    this.watches.push(watch);
    return () => {
      this.watches = this.watches.filter((w) => w !== watch);
    };
  }

  moor(barge: string): void {
    this.each((w) => w.moored(barge));
  }

  private each(tell: (watch: BargeWatch) => void): void {
    for (const watch of [...this.watches]) {
      tell(watch);
    }
  }
}

export class Ledger implements BargeWatch {
  private count = 0;
  moored(barge: string): void {
    this.count++;
  }
}

export class Lamp implements BargeWatch {
  shown = "";
  moored(barge: string): void {
    this.shown = barge;
  }
}
