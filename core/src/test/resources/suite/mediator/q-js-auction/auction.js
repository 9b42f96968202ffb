export class Auction {
  #bidders = new Map();
  #best = { name: null, amount: 0 };

  join(bidder) {
    this.#bidders.set(bidder.name, bidder);
    bidder.auction = this;
  }

  bid(bidder, amount) {
    if (amount <= this.#best.amount) return bidder.refused(amount);
    this.#best = { name: bidder.name, amount };
    for (const other of this.#bidders.values()) {
      if (other !== bidder) other.overbid(bidder.name, amount);
    }
  }
}
