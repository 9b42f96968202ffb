class Cargo {
  accept(visitor) {
    return visitor[`visit${this.constructor.name}`](this);
  }
}

class Crate extends Cargo {
  constructor(kilos) {
    super();
    this.kilos = kilos;
  }
}

class Drum extends Cargo {
  constructor(litres) {
    super();
    this.litres = litres;
  }
}

module.exports = { Crate, Drum };
