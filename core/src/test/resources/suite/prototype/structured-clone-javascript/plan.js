export class StowagePlan {
  constructor(ship) {
    this.ship = ship;
    this.bays = [];
  }

  place(bay, crate) {
    this.bays.push({ bay, crate });
  }

  copy() {
    const copy = Object.create(Object.getPrototypeOf(this));
    return Object.assign(copy, structuredClone({ ...this }));
  }
}
