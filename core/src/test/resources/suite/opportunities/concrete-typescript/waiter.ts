import { ListQueue } from './queue';

export class Waiter {
  constructor(private readonly orders: ListQueue) {}

  take(order: string): void {
    this.orders.push(order);
  }

  serve(): string {
    return this.orders.pop() ?? 'nothing';
  }
}
