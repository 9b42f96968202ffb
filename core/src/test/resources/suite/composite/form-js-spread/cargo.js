export class Cargo { weight() { return 0; } }
export class Crate extends Cargo {
  #kilos;
  constructor(kilos) { super(); this.#kilos = kilos; }
  weight() { return this.#kilos; }
}
export class Hold extends Cargo {
  #inside = [];
  stow(...cargo) { this.#inside = [...this.#inside, ...cargo]; }
  weight() { return this.#inside.map((one) => one.weight()).reduce((a, b) => a + b, 0); }
}
