import { Charts, remembering } from './charts';

export class Bridge {
  private readonly charts = remembering(new Charts('north'));

  shallow(): boolean {
    return this.charts.depth(3, 4) < 20;
  }
}
