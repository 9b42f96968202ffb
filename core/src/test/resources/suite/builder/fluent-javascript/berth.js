export class Berth {
  constructor(length, depth) { this.length = length; this.depth = depth; }
}
export class BerthBuilder {
  #length = 0;
  #depth = 0;
  long(metres) { this.#length = metres; return this; }
  deep(metres) { this.#depth = metres; return this; }
  build() { return new Berth(this.#length, this.#depth); }
}
export class Surveyor {
  survey() { return new BerthBuilder().long(90).deep(7).build(); }
}
