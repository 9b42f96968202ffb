class Part { cost() { throw new Error("not here"); } }
class Bolt extends Part { cost() { return 2; } }
class Assembly extends Part {
  constructor() { super(); this.parts = []; }
  add(part) { this.parts.push(part); return this; }
  cost() { return this.parts.reduce((sum, part) => sum + part.cost(), 0); }
}
class Buyer { buy(part) { return part.cost(); } }
module.exports = { Bolt, Assembly, Buyer };
