class BerthSteps {
  #quay;
  #at = 0;
  constructor(quay) {
    this.#quay = quay;
  }
  next() {
    if (this.#at >= this.#quay.size) {
      return { done: true, value: undefined };
    }
    return { done: false, value: this.#quay.berth(this.#at++) };
  }
  [Symbol.iterator]() {
    return this;
  }
}

class Quay {
  #berths = [];
  add(berth) {
    this.#berths.push(berth);
  }
  get size() {
    return this.#berths.length;
  }
  berth(index) {
    return this.#berths[index];
  }
  [Symbol.iterator]() {
    return new BerthSteps(this);
  }
}

const quay = new Quay();
quay.add('west');
for (const berth of quay) {
  console.log(berth);
}
