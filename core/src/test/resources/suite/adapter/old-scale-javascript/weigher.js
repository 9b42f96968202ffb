import { OldScale } from './scale.js';

class Weigher {
  kilos() { throw new Error('abstract'); }
  tare() { throw new Error('abstract'); }
}

export class NewScale extends Weigher {
  #kilos = 0;
  kilos() { return this.#kilos; }
  tare() { this.#kilos = 0; }
}

export class PoundsWeigher extends Weigher {
  #scale;
  constructor(scale) {
    super();
    this.#scale = scale;
  }
  kilos() { return this.#scale.readPounds() / 2.2; }
  tare() { this.#scale.resetToZero(); }
}

export function total(weighers) {
  return weighers.reduce((sum, weigher) => sum + weigher.kilos(), 0);
}

export function gate(port) {
  return total([new NewScale(), new PoundsWeigher(new OldScale(port))]);
}
