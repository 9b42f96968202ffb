import { Visitable } from './visitable.js';

export class Part {
  constructor(kilos) {
    this.kilos = kilos;
  }
}

export class Hull extends Visitable(Part) {}

export class Mast extends Visitable(Part) {
  constructor(kilos, metres) {
    super(kilos);
    this.metres = metres;
  }
}
