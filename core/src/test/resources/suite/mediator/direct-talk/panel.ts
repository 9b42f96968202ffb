export class Panel {
  readonly valve = new Valve(this);
  readonly gauge = new Gauge(this);
  readonly alarm = new Alarm(this);
  pressureRose(bar: number): void {
    if (bar > 8) { this.valve.open(); this.alarm.ring(); }
  }
  valveOpened(): void { this.gauge.reset(); }
  acknowledged(): void { this.valve.close(); }
}
export class Valve {
  private isOpen = false;
  constructor(private readonly panel: Panel) {}
  open(): void { this.isOpen = true; this.panel.valveOpened(); }
  close(): void { this.isOpen = false; }
}
export class Gauge {
  private bar = 0;
  constructor(private readonly panel: Panel) {}
  reset(): void { this.bar = 0; }
  measure(bar: number): void { this.bar = bar; this.panel.pressureRose(bar); }
}
export class Alarm {
  private count = 0;
  private gauge?: Gauge;
  constructor(private readonly panel: Panel) {}
  watch(gauge: Gauge): void { this.gauge = gauge; }
  ring(): void { this.count++; this.gauge?.reset(); }
  stop(): void { this.panel.acknowledged(); }
}
