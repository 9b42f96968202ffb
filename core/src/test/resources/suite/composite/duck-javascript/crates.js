class Bottle {
  constructor(grams) {
    this.grams = grams;
  }
  weight() {
    return this.grams;
  }
}

class Crate {
  constructor(...things) {
    this.things = things;
  }
  put(thing) {
    this.things.push(thing);
  }
  weight() {
    return this.things.reduce((sum, thing) => sum + thing.weight(), 900);
  }
}

const crate = new Crate(new Bottle(700), new Crate(new Bottle(300)));
crate.put(new Bottle(100));
console.log(crate.weight());
