export interface Charts {
  at(x: number): string;
}

export class Paper implements Charts {
  private readonly all = new Map<number, string>();
  at(x: number): string {
    return this.all.get(x) ?? '';
  }
}

export class LateCharts implements Charts {
  private charts?: Charts;
  constructor(private readonly make: () => Charts) {}
  at(x: number): string {
    if (!this.charts) {
      this.charts = this.make();
    }
    return this.charts.at(x);
  }
}
