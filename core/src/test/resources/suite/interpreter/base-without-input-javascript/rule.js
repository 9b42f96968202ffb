class Rule { allows() { throw new Error('allows is missing'); } }
class Draught extends Rule {
  constructor(max) { super(); this.max = max; }
  allows(ship) { return ship.draught <= this.max; }
}
class Cargo extends Rule {
  constructor(kind) { super(); this.kind = kind; }
  allows(ship) { return ship.cargo === this.kind; }
}
class Both extends Rule {
  constructor(...parts) { super(); this.parts = parts; }
  allows(ship) {
    for (const part of this.parts) { if (!part.allows(ship)) return false; }
    return true;
  }
}
class Not extends Rule {
  constructor(of) { super(); this.of = of; }
  allows(ship) { return !this.of.allows(ship); }
}
module.exports = { Draught, Cargo, Both, Not };
