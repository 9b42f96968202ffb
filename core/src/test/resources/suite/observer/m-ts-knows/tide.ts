export interface TideObserver { risen(level: number): void }

export class FloodGate implements TideObserver {
  private shut = false;
  risen(level: number) { this.shut = level > 4; }
  isShut() { return this.shut; }
}

export class TideLog implements TideObserver {
  private readonly levels: number[] = [];
  risen(level: number) { this.levels.push(level); }
}

export class Idle implements TideObserver {
  risen(_level: number) { /* nothing yet */ }
}

export class TideGauge {
  private observers: TideObserver[] = [];
  private level = 0;

  add(observer: TideObserver) {
    this.observers.push(observer);
    if (observer instanceof FloodGate) {
      observer.risen(this.level);
    }
  }

  remove(observer: TideObserver) {
    this.observers = this.observers.filter(o => o !== observer);
  }

  measure(level: number) {
    this.level = level;
    for (const observer of this.observers) observer.risen(level);
  }
}

const gauge = new TideGauge();
gauge.add(new FloodGate());
gauge.add(new TideLog());
gauge.add(new Idle());
