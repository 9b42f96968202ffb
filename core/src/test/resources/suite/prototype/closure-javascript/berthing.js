class Berthing {
  constructor(ship) { this.ship = ship; this.hours = 0; }
  stay(h) { this.hours += h; }
  clone() { return Object.assign(new Berthing(this.ship), this); }
}
class Diary {
  repeat(b) { return b.clone(); }
}
module.exports = { Berthing, Diary };
