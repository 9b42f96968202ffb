'use strict';

function shortest(legs) {
  return [...legs].sort((a, b) => a.miles - b.miles)[0];
}

function calmest(legs) {
  return [...legs].sort((a, b) => a.waves - b.waves)[0];
}

function cheapest(legs) {
  return legs.reduce((best, leg) => (leg.fuel < best.fuel ? leg : best), legs[0]);
}

class RoutePlanner {
  constructor(choose = shortest) {
    this.choose = choose;
    this.legs = [];
  }

  offer(leg) {
    this.legs.push(leg);
    return this;
  }

  prefer(choose) {
    this.choose = choose;
  }

  plan() {
    if (this.legs.length === 0) return null;
    return this.choose(this.legs);
  }
}

module.exports = { RoutePlanner, shortest, calmest, cheapest };
