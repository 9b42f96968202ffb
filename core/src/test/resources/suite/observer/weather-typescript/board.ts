import { WindVane } from './weather';

export class Board {
  shown = '';
  constructor(vane: WindVane) {
    vane.subscribe((degrees) => { this.shown = `${degrees}°`; });
  }
}

const vane = new WindVane();
const stop = vane.subscribe((d) => console.log(d));
new Board(vane);
vane.turn(90);
stop();
