import { Bus } from './bus';

export class Stock {
  private left = 10;

  constructor(bus: Bus) {
    bus.on('sold', (payload) => this.take(payload as number));
  }

  private take(count: number): void {
    this.left -= count;
  }
}

export class Till {
  constructor(private readonly bus: Bus) {}

  sell(count: number): void {
    this.bus.emit('sold', count);
  }
}
