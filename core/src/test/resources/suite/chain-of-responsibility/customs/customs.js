class CustomsDesk {
  #next = null;
  then(desk) { this.#next = desk; return desk; }
  handle(crate) {
    if (this.accepts(crate)) return this.clear(crate);
    if (!this.#next) throw new Error(`nobody clears ${crate.kind}`);
    return this.#next.handle(crate);
  }
  accepts(crate) { return false; }
  clear(crate) { throw new Error("not here"); }
}

class FoodDesk extends CustomsDesk {
  accepts(crate) { return crate.kind === "food"; }
  clear(crate) { return { ...crate, stamp: "food ok" }; }
}

class ArmsDesk extends CustomsDesk {
  constructor(permits) { super(); this.permits = permits; }
  accepts(crate) { return crate.kind === "arms"; }
  clear(crate) {
    if (!this.permits.has(crate.id)) return { ...crate, stamp: "held" };
    return { ...crate, stamp: "arms ok" };
  }
}

class AnyDesk extends CustomsDesk {
  accepts() { return true; }
  clear(crate) { return { ...crate, stamp: "free" }; }
}

const first = new FoodDesk();
first.then(new ArmsDesk(new Set([4]))).then(new AnyDesk());
console.log(first.handle({ id: 4, kind: "arms" }));
module.exports = { first };
