class Hedge {
  #plants = [];

  plant(name, height) {
    this.#plants.push({ name, height });
  }

  *[Symbol.iterator]() {
    for (const plant of this.#plants) {
      yield plant;
    }
  }

  *tallerThan(height) {
    for (const plant of this) {
      if (plant.height > height) yield plant.name;
    }
  }
}

module.exports = Hedge;
