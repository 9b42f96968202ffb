import { Pilots, Tugs, Berths } from './services.js';

export class Arrival {
  constructor() {
    this.pilots = new Pilots();
    this.tugs = new Tugs();
    this.berths = new Berths();
  }

  bringIn(ship) {
    const pilot = this.pilots.book();
    const tugs = this.tugs.order(2);
    const berth = this.berths.assign(ship);
    this.tugs.release(tugs);
    return `${ship} at ${berth} with ${pilot}`;
  }
}
