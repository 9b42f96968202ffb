export class Quay {
  #watches = new Set();
  #last = "";

  join(watch) {
    this.#watches.add(watch);
  }

  leave(watch) {
    this.#watches.delete(watch);
  }

  moor(barge) {
    this.#last = barge;
    this.#watches.forEach((watch) => this.#tell(watch));
  }

  #tell(watch) {
    if (typeof watch.moored === "function") {
      watch.moored(this.#last);
    }
  }
}

export class Ledger {
  count = 0;
  moored() {
    this.count++;
  }
}

export class Lamp {
  shown = "";
  moored(barge) {
    this.shown = barge;
  }
}

export function setUp() {
  const quay = new Quay();
  quay.join(new Ledger());
  quay.join(new Lamp());
  return quay;
}
