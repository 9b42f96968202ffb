class Convoy {
  #ships = [];
  add(ship) { this.#ships.push(ship); }
  *[Symbol.iterator]() {
    for (const ship of this.#ships) {
      yield ship;
    }
  }
}
class Escort {
  count(convoy) { let n = 0; for (const ship of convoy) { n += 1; } return n; }
}
module.exports = { Convoy, Escort };
