export class Route {
  private readonly legs: string[] = [];
  constructor(
    private from: string,
    private to: string,
    private via: string[],
    private maxDraught: number,
    private night: boolean,
    private pilot?: string,
  ) {
    this.legs.push(from, ...via, to);
  }
  length(): number { return this.legs.length - 1; }
  allows(draught: number, atNight: boolean): boolean {
    return draught <= this.maxDraught && (this.night || !atNight);
  }
}

export class Planner {
  coastal(): Route { return new Route("Aldera", "Lume", ["Cape"], 6, true); }
}

export class Backup {
  safe(): Route { return new Route("Aldera", "Lume", [], 9, false, "Rui"); }
}
