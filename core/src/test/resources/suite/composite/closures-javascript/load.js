export class Box {
  constructor(kilos) {
    this.kilos = kilos;
  }

  weight() {
    return this.kilos;
  }
}

export class Container {
  #inside = [];

  put(load) {
    this.#inside.push(load);
    return this;
  }

  weight() {
    return this.#inside.reduce((sum, load) => sum + load.weight(), 2200);
  }
}
