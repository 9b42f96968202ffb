import { Shift } from './shift.js';

class Crane {
  constructor() {
    this.lifted = [];
  }
  lift(box) {
    this.lifted.push(box);
  }
  rest() {
    this.lifted.length = 0;
  }
}

const crane = new Crane();
const shift = new Shift();
shift.plan(() => crane.lift('AL-7'));
shift.plan(() => crane.rest());
shift.start();
