export class HarbourClock {
  private minutes = 0;
  pass(more: number): void { this.minutes += more; }
  now(): number { return this.minutes; }
}
export const newClock = (): HarbourClock => new HarbourClock();
