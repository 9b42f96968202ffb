interface Listener {
  arrived(arrival: Arrival): void;
}

class Arrival {
  constructor(private readonly ship: string) {}

  getShip() {
    return this.ship;
  }
}

class Chandler implements Listener {
  constructor(private readonly name: string) {}

  arrived(arrival: Arrival) {
    console.log(this.name + ' sells rope to ' + arrival.getShip());
  }
}

class Lookout {
  private listeners: Listener[] = [];

  add(listener: Listener) {
    this.listeners.push(listener);
  }

  sighted(arrival: Arrival) {
    this.tell(arrival);
  }

  private tell(arrival: Arrival) {
    this.listeners.forEach(listener => listener.arrived(arrival));
  }
}

const lookout = new Lookout();
lookout.add(new Chandler('Ines'));
lookout.add(new Chandler('Paul'));
lookout.sighted(new Arrival('Marta'));
