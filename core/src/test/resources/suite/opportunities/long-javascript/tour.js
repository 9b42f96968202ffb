class Tour {
  constructor(name, boat, captain, seats, price, lunch, guide) {
    this.name = name; this.boat = boat; this.captain = captain; this.seats = seats;
    this.price = price; this.lunch = lunch; this.guide = guide; this.sold = 0;
  }
  sell() { if (this.sold < this.seats) this.sold += 1; return this.price + (this.lunch ? 900 : 0); }
}
class Morning { make() { return new Tour('Bay', 'Pulga', 'Ana', 12, 2500, false, 'Luis'); } }
class Evening { make() { return new Tour('Sunset', 'Gaviota', 'Eva', 40, 4500, true, null); } }
module.exports = { Tour, Morning, Evening };
