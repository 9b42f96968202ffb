class Berth {
  constructor(metres) {
    this.metres = metres;
  }
  accept(visitor) {
    return visitor.visitBerth(this);
  }
}

class Quay {
  #spots = [];
  add(spot) {
    this.#spots.push(spot);
    return this;
  }
  [Symbol.iterator]() {
    return this.#spots[Symbol.iterator]();
  }
  accept(visitor) {
    return visitor.visitQuay(this);
  }
}

class Length {
  visitBerth(berth) {
    return berth.metres;
  }
  visitQuay(quay) {
    let sum = 0;
    for (const spot of quay) {
      sum += spot.accept(this);
    }
    return sum;
  }
}

class Words {
  visitBerth(berth) {
    return `${berth.metres} m`;
  }
  visitQuay(quay) {
    return [...quay].map((spot) => spot.accept(this)).join(' and ');
  }
}

const quay = new Quay().add(new Berth(40)).add(new Quay().add(new Berth(20)));
console.log(quay.accept(new Length()), quay.accept(new Words()));
