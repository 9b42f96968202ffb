export interface Clock {
  now(): number;
  shift(minutes: number): void;
}

class PortClock implements Clock {
  private minutes = 0;

  now(): number {
    return Date.now() + this.minutes * 60000;
  }

  shift(minutes: number): void {
    this.minutes += minutes;
  }
}

export const portClock = new PortClock();
