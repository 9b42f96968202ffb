import type { Pump } from './pumps';

export type Order = { run(): void; readonly label: string };

export const startOrder = (pump: Pump): Order => ({
  label: 'start',
  run: () => pump.start(),
});

export const measureOrder = (pump: Pump, minutes: number, report: (litres: number) => void): Order => ({
  label: 'measure',
  run: () => report(pump.litres(minutes)),
});

export class OrderBook {
  private readonly waiting: Order[] = [];
  add(order: Order): void {
    this.waiting.push(order);
  }
  work(): void {
    while (this.waiting.length > 0) {
      this.waiting.shift()!.run();
    }
  }
}
