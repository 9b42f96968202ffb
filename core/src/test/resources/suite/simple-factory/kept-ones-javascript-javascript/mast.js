import { createLight, WhiteLight } from './lights.js';

export class Mast {
  constructor() {
    this.lights = [];
  }
  hang(colours) {
    for (const colour of colours) {
      this.lights.push(createLight(colour));
    }
    this.lights.push(new WhiteLight(360));
  }
  report() {
    return this.lights.map((light) => light.describe()).join(', ');
  }
}
