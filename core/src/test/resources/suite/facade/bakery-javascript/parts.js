class Mixer {
  mix(flour) {
    this.dough = flour * 1.6;
    return this.dough;
  }
}

class Oven {
  heat(degrees) {
    this.degrees = degrees;
  }

  bake(dough) {
    return dough > 0 && this.degrees > 180;
  }
}

class Shelf {
  constructor() {
    this.loaves = 0;
  }

  put(count) {
    this.loaves += count;
  }
}

module.exports = { Mixer, Oven, Shelf };
