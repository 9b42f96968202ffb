export interface WaterMeter {
  litres(): number;
  reset(): void;
  serial(): string;
}
export class CountyCounter {
  private ticks = 0;
  tick(): void { this.ticks++; }
  tickCount(): number { return this.ticks; }
  zeroise(): void { this.ticks = 0; }
}
export class CountyMeter implements WaterMeter {
  private counter = new CountyCounter();
  litres(): number { return this.counter.tickCount() * 10; }
  reset(): void { this.counter.zeroise(); }
  serial(): string { throw new Error('not supported'); }
}
export class Bill {
  constructor(private meter: WaterMeter) {}
  total(): number { return this.meter.litres() * 0.2; }
}
export const bill = new Bill(new CountyMeter());
