export class Pilots {
  constructor() { this.free = ['Ana', 'Bo']; }
  book() { return this.free.shift(); }
}
export class Tugs {
  order(count) { return Array.from({ length: count }, (_, i) => `tug ${i}`); }
  release(tugs) { tugs.length = 0; }
}
export class Berths {
  constructor() { this.taken = new Map(); }
  assign(ship) { const berth = this.taken.size + 1; this.taken.set(ship, berth); return berth; }
}
