import { YachtOutfitter, TrawlerOutfitter } from './fittings.js';

export class Cabin {
  constructor(outfitter) {
    this.bunk = outfitter.makeBunk();
    this.lamp = outfitter.makeLamp();
  }
  describe() {
    return `${this.bunk.sleepers()} sleepers at ${this.lamp.lux()} lux`;
  }
}

const kind = process.argv[2];
const cabin = new Cabin(kind === 'yacht' ? new YachtOutfitter() : new TrawlerOutfitter());
console.log(cabin.describe());
