export class Spot {
  constructor(public x = 0, public y = 0) {}
}

export class Basin {
  private x = 0;
  private y = 0;
  private radius = 1;

  setTo(x: number, y: number): this {
    this.x = x;
    this.y = y;
    return this;
  }

  setRadius(radius: number): this {
    this.radius = radius;
    return this;
  }

  spotAt(angle: number, out?: Spot): Spot {
    const spot = out ?? new Spot(this.x, this.y);
    spot.x += Math.cos(angle) * this.radius;
    spot.y += Math.sin(angle) * this.radius;
    return spot;
  }
}

export function buoys(basin: Basin): Spot[] {
  basin.setTo(3, 4).setRadius(20);
  return [basin.spotAt(0), basin.spotAt(Math.PI)];
}
