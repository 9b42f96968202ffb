export class Zone {
  constructor(name) { this.name = name; }
  area() { throw new Error('abstract'); }
  berths() { throw new Error('abstract'); }
}

export class Pier extends Zone {
  constructor(name, metres) { super(name); this.metres = metres; }
  area() { return this.metres * 12; }
  berths() { return Math.floor(this.metres / 30); }
}

export class Buoyfield extends Zone {
  area() { return 900; }
  berths() { return 14; }
}

export class District extends Zone {
  #parts = [];
  add(part) { this.#parts.push(part); return this; }
  remove(part) { this.#parts = this.#parts.filter((p) => p !== part); }
  area() { return this.#parts.reduce((sum, part) => sum + part.area(), 0); }
  berths() {
    let count = 0;
    for (const part of this.#parts) count += part.berths();
    return count;
  }
}
