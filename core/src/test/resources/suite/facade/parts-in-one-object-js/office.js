class Berths {
  constructor() {
    this.free = 4;
  }

  take() {
    this.free--;
  }
}

class Pilots {
  send(ship) {
    this.last = ship;
  }
}

class Ledger {
  constructor() {
    this.lines = [];
  }

  charge(ship, sum) {
    this.lines.push([ship, sum]);
  }
}

class Office {
  constructor() {
    this.parts = { berths: new Berths(), pilots: new Pilots(), ledger: new Ledger() };
  }

  admit(ship) {
    this.parts.berths.take();
    this.parts.pilots.send(ship);
    this.parts.ledger.charge(ship, 100);
  }
}

class Agent {
  constructor(office) {
    this.office = office;
  }

  arrive(ship) {
    this.office.admit(ship);
  }
}

new Agent(new Office()).arrive('Ana');
