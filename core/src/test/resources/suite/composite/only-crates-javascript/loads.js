export class Item {
  constructor(kilos) {
    this.kilos = kilos;
  }
  weight() {
    return this.kilos;
  }
  lines() {
    return [`${this.kilos} kg`];
  }
}

export class Container {
  constructor() {
    this.parts = [];
  }
  add(part) {
    this.parts.push(part);
    return this;
  }
  weight() {
    return this.parts.reduce((sum, part) => sum + part.weight(), 0);
  }
  lines() {
    if (this.parts.length === 0) return ['empty'];
    return this.parts[0].lines();
  }
}

export function describe(load) {
  if (load instanceof Container) {
    return `a container of ${load.weight()}`;
  }
  return load.lines().join('; ');
}

const load = new Container().add(new Item(4)).add(new Container().add(new Item(7)));
console.log(describe(load));
