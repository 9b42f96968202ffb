const { Mixer, Oven, Shelf } = require('./parts');

class Bakery {
  constructor() {
    this.mixer = new Mixer();
    this.oven = new Oven();
    this.shelf = new Shelf();
  }

  loaves(flour) {
    this.oven.heat(220);
    const dough = this.mixer.mix(flour);
    if (this.oven.bake(dough)) {
      this.shelf.put(Math.floor(dough));
    }
  }
}

module.exports = { Bakery };
