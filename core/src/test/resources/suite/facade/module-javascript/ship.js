import { Bunkering } from './bunkering.js';

export class Ship {
  refuel() {
    new Bunkering().fill(200);
  }
}
