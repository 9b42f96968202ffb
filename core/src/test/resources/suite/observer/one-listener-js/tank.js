class Tank {
  constructor() {
    this.watchers = [];
    this.litres = 0;
  }
  join(watcher) {
    this.watchers.push(watcher);
  }
  leave(watcher) {
    this.watchers = this.watchers.filter((w) => w !== watcher);
  }
  fill(litres) {
    this.litres += litres;
    this.watchers.forEach((w) => w.filled(this.litres));
  }
}

class Overflow {
  filled(litres) {
    this.alarm = litres > 900;
  }
}

const tank = new Tank();
tank.join(new Overflow());
tank.fill(950);
