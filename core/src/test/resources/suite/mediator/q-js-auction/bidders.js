class Bidder {
  auction = null;

  constructor(name) {
    this.name = name;
  }

  refused(amount) {
    console.log(`${this.name}: ${amount} is too little`);
  }
}

export class Person extends Bidder {
  offer(amount) {
    this.auction.bid(this, amount);
  }

  overbid(by, amount) {
    console.log(`${this.name} hears that ${by} offers ${amount}`);
  }
}

export class Robot extends Bidder {
  constructor(name, limit) {
    super(name);
    this.limit = limit;
  }

  overbid(_by, amount) {
    if (amount + 10 <= this.limit) this.auction.bid(this, amount + 10);
  }
}
