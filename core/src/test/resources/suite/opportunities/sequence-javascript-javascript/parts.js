export class Tide {
  next() {
    return { hour: 6 };
  }
}
export class Berths {
  constructor() {
    this.taken = [];
  }
  take(ship) {
    this.taken.push(ship);
    return this.taken.length;
  }
}
export class Pilots {
  constructor() {
    this.sent = 0;
  }
  send(ship, hour) {
    this.sent += hour;
  }
}
