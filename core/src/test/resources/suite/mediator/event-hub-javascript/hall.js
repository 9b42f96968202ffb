export class AuctionHall {
  constructor() {
    this.bidders = new Map();
    this.best = { name: null, cents: 0 };
  }

  admit(bidder) {
    this.bidders.set(bidder.name, bidder);
    bidder.hall = this;
  }

  offer(bidder, cents) {
    if (cents <= this.best.cents) {
      bidder.refused(this.best.cents);
      return;
    }
    this.best = { name: bidder.name, cents };
    for (const [name, other] of this.bidders) {
      if (name !== bidder.name) {
        other.outbid(cents);
      }
    }
  }
}
