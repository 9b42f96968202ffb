export class HarbourClock {
  private minutes = 0;
  pass(more: number): void { this.minutes += more; }
  now(): number { return this.minutes; }
}
export namespace Clocks {
  const kept = new HarbourClock();
  export function harbour(): HarbourClock { return kept; }
}
