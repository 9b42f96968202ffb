class Rule {
  holds(ship) { throw new Error('abstract'); }
}
class Longer extends Rule {
  constructor(metres) { super(); this.metres = metres; }
  holds(ship) { return ship.length > this.metres; }
}
class Carries extends Rule {
  constructor(good) { super(); this.good = good; }
  holds(ship) { return ship.goods.includes(this.good); }
}
class Both extends Rule {
  constructor(left, right) { super(); this.left = left; this.right = right; }
  holds(ship) { return this.left.holds(ship) && this.right.holds(ship); }
}
class Not extends Rule {
  constructor(inner) { super(); this.inner = inner; }
  holds(ship) { return !this.inner.holds(ship); }
}

const needsTug = new Both(new Longer(120), new Not(new Carries('ballast')));
module.exports = { needsTug };
