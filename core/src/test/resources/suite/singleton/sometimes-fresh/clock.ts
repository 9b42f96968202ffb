export class HarbourClock {
  private static clock: HarbourClock | undefined;
  private ticks = 0;
  private constructor(private readonly zone: string) {}
  static current(testing = false): HarbourClock {
    if (testing) {
      return new HarbourClock('test');
    }
    HarbourClock.clock ??= new HarbourClock('UTC');
    return HarbourClock.clock;
  }
  tick(): number { return ++this.ticks; }
}
