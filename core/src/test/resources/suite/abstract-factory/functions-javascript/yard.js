import { steelKit, woodKit } from './kits.js';

export class Yard {
  constructor(kit) {
    this.kit = kit;
  }

  build() {
    const hull = this.kit.hull();
    const mast = this.kit.mast();
    return `${hull.plates()} plates, ${mast.height()} m`;
  }
}

console.log(new Yard(steelKit).build(), new Yard(woodKit).build());
