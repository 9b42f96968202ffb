import { Rye, Focaccia } from './loaf.js';

export class Bakery {
  constructor() {
    this.today = [new Rye(), new Focaccia()];
  }

  morning() {
    return this.today.map((loaf) => loaf.bake());
  }
}
