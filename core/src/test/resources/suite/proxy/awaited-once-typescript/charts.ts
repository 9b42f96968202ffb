export interface Chart {
  depth(x: number, y: number): Promise<number>;
}

export class DiskChart implements Chart {
  private constructor(private readonly data: Uint8Array) {}

  static async open(path: string): Promise<DiskChart> {
    const response = await fetch(path);
    return new DiskChart(new Uint8Array(await response.arrayBuffer()));
  }

  async depth(x: number, y: number): Promise<number> {
    return this.data[y * 100 + x];
  }
}

export class LateChart implements Chart {
  private real?: Promise<DiskChart>;

  constructor(private readonly path: string) {}

  async depth(x: number, y: number): Promise<number> {
    if (!this.real) {
      this.real = DiskChart.open(this.path);
    }
    return (await this.real).depth(x, y);
  }
}

export class Bridge {
  constructor(private readonly chart: Chart) {}

  async safe(x: number, y: number): Promise<boolean> {
    return (await this.chart.depth(x, y)) > 5;
  }
}

export const bridge = new Bridge(new LateChart("north.chart"));
