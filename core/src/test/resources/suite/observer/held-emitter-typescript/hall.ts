import { Auction, Bid } from './auction';

export class Screen {
  private text = '';
  constructor(auction: Auction) {
    auction.onBid((bid) => this.show(bid));
  }
  private show(bid: Bid): void {
    this.text = `${bid.who}: ${bid.cents}`;
  }
}

export class Ledger {
  private rows: Bid[] = [];
  follow(auction: Auction): void {
    auction.onBid((bid) => this.rows.push(bid));
  }
}
