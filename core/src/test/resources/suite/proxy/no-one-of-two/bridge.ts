import { Chart, ZoomedChart } from './chart';

export class Watch {
  constructor(private readonly chart: Chart) {}

  deepest(): number { return this.chart.depth(4) * this.chart.scale(); }
}

export const watch = new Watch(new ZoomedChart());
