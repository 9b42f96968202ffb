import { EventEmitter } from 'node:events';

export type Bid = { who: string; cents: number };

export class Auction {
  private readonly events = new EventEmitter();
  private best = 0;

  onBid(listener: (bid: Bid) => void): void {
    this.events.on('bid', listener);
  }

  offBid(listener: (bid: Bid) => void): void {
    this.events.off('bid', listener);
  }

  bid(who: string, cents: number): void {
    if (cents <= this.best) {
      return;
    }
    this.best = cents;
    this.events.emit('bid', { who, cents });
  }
}
