export class Tower {
  #planes = new Set();

  register(plane) {
    this.#planes.add(plane);
    plane.tower = this;
  }

  request(plane) {
    for (const other of this.#planes) {
      if (other !== plane) other.hold();
    }
    plane.land();
  }
}

export class Glider {
  approach() {
    this.tower.request(this);
  }

  hold() {
    this.circling = true;
  }

  land() {
    this.circling = false;
  }
}

export class Jet {
  approach() {
    this.fuel -= 10;
    this.tower.request(this);
  }

  hold() {
    this.fuel -= 40;
  }

  land() {
    this.fuel -= 5;
  }
}
