export interface Chart {
  depth(x: number): number;
  scale(): number;
}

export class HarbourChart implements Chart {
  depth(x: number): number { return 12 - x; }
  scale(): number { return 5; }
}

export class SeaChart implements Chart {
  depth(x: number): number { return 40 + x; }
  scale(): number { return 50; }
}

export class ZoomedChart implements Chart {
  private readonly near = new HarbourChart();
  private readonly far = new SeaChart();
  private zoom = 1;

  zoomTo(zoom: number): void { this.zoom = zoom; }

  depth(x: number): number { return this.far.depth(x); }

  scale(): number { return this.near.scale(); }
}
