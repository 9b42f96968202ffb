const rows = Symbol('rows');

export class ColdStore {
  constructor() {
    this[rows] = new Map();
  }

  put(aisle, crate) {
    if (!this[rows].has(aisle)) {
      this[rows].set(aisle, []);
    }
    this[rows].get(aisle).push(crate);
  }

  crates() {
    return new CrateWalk(this[rows]);
  }
}

class CrateWalk {
  constructor(byAisle) {
    this.lists = [...byAisle.values()];
    this.list = 0;
    this.place = 0;
  }

  more() {
    while (this.list < this.lists.length && this.place >= this.lists[this.list].length) {
      this.list++;
      this.place = 0;
    }
    return this.list < this.lists.length;
  }

  take() {
    if (!this.more()) {
      throw new RangeError('no crate is left');
    }
    return this.lists[this.list][this.place++];
  }
}
