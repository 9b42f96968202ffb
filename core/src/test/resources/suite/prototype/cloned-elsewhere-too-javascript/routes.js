export class Route {
  constructor(stops = []) {
    this.stops = stops;
  }

  clone() {
    return new Route(this.stops.slice());
  }
}
