class Call {
  constructor(ship) {
    this.ship = ship;
  }

  asRadio() {
    return Object.assign(this, { channel: () => 16 });
  }
}

class Tower {
  hear(call) {
    return call.asRadio();
  }
}

new Tower().hear(new Call('Ana'));
