const byTonnage = (ship) => ship.tons * 2;
const byLength = (ship) => ship.metres * 9;

class Dues {
  constructor(rule) {
    this.rule = rule;
  }

  use(rule) {
    this.rule = rule;
  }

  charge(ship) {
    return Math.round(this.rule(ship));
  }
}

module.exports = { Dues, byTonnage, byLength };
