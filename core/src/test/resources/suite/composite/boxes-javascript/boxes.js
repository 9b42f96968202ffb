class Item {
  constructor(price) {
    this.price = price;
  }

  total() {
    return this.price;
  }
}

class Box {
  constructor() {
    this.things = [];
  }

  put(thing) {
    this.things.push(thing);
    return this;
  }

  total() {
    return this.things.reduce((sum, thing) => sum + thing.total(), 3);
  }
}

module.exports = { Item, Box };
