import { Garden, Layout } from './garden';

export class Gardener {
  private readonly layouts: Layout[] = [];

  constructor(private readonly garden: Garden) {}

  tryOut(bed: string): void {
    this.layouts.push(this.garden.capture());
    this.garden.plant(bed);
  }

  undo(): void {
    const last = this.layouts.pop();
    if (last) this.garden.reset(last);
  }
}
