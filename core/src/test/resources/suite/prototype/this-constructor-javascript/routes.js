export class Route {
  constructor() { this.legs = []; this.name = ''; }
  length() { return 0; }
  clone() { return new this.constructor().copy(this); }
  copy(source) { this.name = source.name; this.legs = source.legs.slice(); return this; }
}
export class CoastRoute extends Route {
  constructor(depth) { super(); this.depth = depth; }
  length() { return this.legs.length * 2; }
  copy(source) { super.copy(source); this.depth = source.depth; return this; }
}
export class SeaRoute extends Route {
  constructor(wind) { super(); this.wind = wind; }
  length() { return this.legs.length * 3; }
  copy(source) { super.copy(source); this.wind = source.wind; return this; }
}
