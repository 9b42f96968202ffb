export class Point {
  constructor(x, y) { this.x = x; this.y = y; }
  set(x, y) { this.x = x; this.y = y; return this; }
}
export class Route {
  at(part, into) { throw new Error("abstract"); }
  middle() { return this.at(0.5); }
}
export class Straight extends Route {
  constructor(from, to) { super(); this.from = from; this.to = to; }
  at(part, into) {
    const point = into || new Point(0, 0);
    return point.set(this.from.x + (this.to.x - this.from.x) * part, this.from.y);
  }
}
export class Arc extends Route {
  constructor(middle, radius) { super(); this.centre = middle; this.radius = radius; }
  at(part, into) {
    const point = into || new Point(0, 0);
    point.set(this.centre.x + Math.cos(part) * this.radius, this.centre.y);
    return point;
  }
}
console.log(new Straight(new Point(0, 0), new Point(2, 0)).middle(), new Arc(new Point(1, 1), 2).middle());
