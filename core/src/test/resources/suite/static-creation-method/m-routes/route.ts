export class Route {
  private constructor(
    private readonly stops: readonly string[],
    private readonly loop: boolean,
  ) {}

  static between(from: string, to: string): Route {
    return new Route([from, to], false);
  }

  static roundTrip(...stops: string[]): Route {
    if (stops.length < 2) {
      throw new RangeError('a round trip needs two stops');
    }
    return new Route([...stops, stops[0]], true);
  }

  static parse(text: string): Route {
    const stops = text.split('>').map((stop) => stop.trim());
    return stops[0] === stops[stops.length - 1] ? Route.roundTrip(...stops.slice(0, -1)) : new Route(stops, false);
  }

  legs(): number {
    return this.stops.length - 1;
  }

  isLoop(): boolean {
    return this.loop;
  }
}
