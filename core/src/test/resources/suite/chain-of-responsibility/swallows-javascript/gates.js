export class Gate {
  constructor(next) {
    this.next = next;
  }
  pass(ship) {
    throw new Error('each gate decides');
  }
}

export class PapersGate extends Gate {
  pass(ship) {
    if (!ship.papers) return 'papers!';
    return this.next ? this.next.pass(ship) : 'free';
  }
}

export class DebtGate extends Gate {
  pass(ship) {
    if (ship.debt > 0) return 'pay first';
    return this.next ? this.next.pass(ship) : 'free';
  }
}

export class HolidayGate extends Gate {
  pass(ship) {
    return ship.urgent ? 'only today' : 'closed';
  }
}

const gate = new PapersGate(new DebtGate(new HolidayGate(new DebtGate(null))));
console.log(gate.pass({ papers: true, debt: 0, urgent: false }));
