class Craft {
  constructor(pilot) {
    this.pilot = pilot;
  }
}

class Pilot {
  steer() { return 1; }
}

class Barge extends Craft {
  #crates = [];

  load() {
    this.#crates.push(new Crate(3));
  }

  moor() {
    const line = new Line();
    line.tie();
  }
}

class Crate {
  constructor(kilos) { this.kilos = kilos; }
}

class Line {
  tie() {}
}

new Barge(new Pilot()).moor();
module.exports = { Barge };
