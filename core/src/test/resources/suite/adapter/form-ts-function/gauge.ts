export interface Gauge { metres(): number; reset(): void; }
export class FeetMeter {
  private feet = 12;
  readFeet(): number { return this.feet; }
  clear(): void { this.feet = 0; }
}
export function asGauge(meter: FeetMeter): Gauge {
  return {
    metres: () => meter.readFeet() * 0.3048,
    reset: () => meter.clear(),
  };
}
export class Tower {
  constructor(private readonly gauge: Gauge) {}
  high(): boolean { return this.gauge.metres() > 3; }
}
