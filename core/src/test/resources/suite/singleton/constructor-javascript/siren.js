class Siren {
  static #siren = null;
  constructor() {
    if (Siren.#siren) {
      return Siren.#siren;
    }
    this.blasts = 0;
    Siren.#siren = this;
  }
  sound() { this.blasts += 1; }
}
class Fog {
  thicken() { new Siren().sound(); }
}
