export interface Meter {
  count(what: string): void;
  total(): number;
}

export class WallMeter implements Meter {
  private counts = new Map<string, number>();
  count(what: string): void {
    this.counts.set(what, (this.counts.get(what) ?? 0) + 1);
  }
  total(): number {
    let sum = 0;
    this.counts.forEach((n) => (sum += n));
    return sum;
  }
}

export const NO_METER: Meter = {
  count() {},
  total: () => 0,
};
