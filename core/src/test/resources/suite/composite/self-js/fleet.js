class Vessel { load() { throw new Error('none'); } }
class Boat extends Vessel { constructor(t) { super(); this.t = t; } load() { return this.t; } }
class Fleet extends Vessel {
  #vessels = [];
  add(v) { this.#vessels.push(v); return this; }
  *[Symbol.iterator]() { yield* this.#vessels; }
  load() { let sum = 0; for (const v of this) sum += v.load(); return sum; }
}
module.exports = { Boat, Fleet };
