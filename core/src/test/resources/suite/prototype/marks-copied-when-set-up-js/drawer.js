import { Stencil } from './stencil.js';

export class Drawer {
  constructor() {
    this.patterns = new Map([['plain', new Stencil('ALDERA', 12)]]);
  }

  take(kind) {
    const found = this.patterns.get(kind);
    if (!found) {
      throw new Error(`no stencil ${kind}`);
    }
    return found.duplicate();
  }
}
