export class Gate {
  constructor() {
    this.status = 'closed';
    this.waiting = [];
  }

  push(ship) {
    switch (this.status) {
      case 'closed':
        this.waiting.push(ship);
        break;
      case 'open':
        ship.pass();
        break;
      case 'locked':
        throw new Error('the gate is locked');
    }
  }

  describe() {
    if (this.status === 'open') return 'come in';
    else if (this.status === 'closed') return `${this.waiting.length} wait`;
    else return 'locked';
  }

  turn(key) {
    this.status = key === 'out' ? 'open' : 'closed';
  }
}
