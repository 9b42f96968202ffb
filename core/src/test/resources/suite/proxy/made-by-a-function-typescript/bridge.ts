import { Charts, LateCharts, Paper } from './charts';

export class Bridge {
  constructor(private readonly charts: Charts) {}
  show(x: number): string {
    return this.charts.at(x);
  }
}

export const bridge = new Bridge(new LateCharts(() => new Paper()));
