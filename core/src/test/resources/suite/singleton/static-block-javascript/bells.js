class Bells {
  static #ring;

  static {
    Bells.#ring = new Bells();
  }

  #strokes = 0;

  static ring() {
    return Bells.#ring;
  }

  pull() {
    return ++this.#strokes;
  }
}

module.exports = { Bells };
