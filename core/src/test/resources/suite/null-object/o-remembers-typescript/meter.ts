export interface Meter {
  count(what: string): void;
  total(): number;
}

export class LiveMeter implements Meter {
  private readonly counts = new Map<string, number>();

  count(what: string): void {
    this.counts.set(what, (this.counts.get(what) ?? 0) + 1);
  }

  total(): number {
    return [...this.counts.values()].reduce((sum, count) => sum + count, 0);
  }
}

export class NoMeter implements Meter {
  count(): void {}

  total(): number {
    return 0;
  }
}

export class Kitchen {
  constructor(private readonly meter: Meter = new NoMeter()) {}

  cook(dish: string): void {
    if (this.meter) {
      this.meter.count(dish);
    }
  }

  served(): number {
    return this.meter.total();
  }
}
