export class Mark {
  show() { throw new Error("abstract"); }
}
export class Buoy extends Mark {
  show() { return "o"; }
}
export class Beacon extends Mark {
  show() { return "^"; }
}
export class Route {
  mark(name) { throw new Error("abstract"); }
  begin() { return this.mark("first").show(); }
}
export class Fairway extends Route {
  mark(name) { return new Buoy(name); }
}
export class Coast extends Route {
  mark(name) { return new Beacon(name); }
}
console.log(new Fairway().begin(), new Coast().begin());
