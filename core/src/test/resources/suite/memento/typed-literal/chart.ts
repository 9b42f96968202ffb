export interface View {
  readonly zoom: number;
  readonly centre: readonly [number, number];
}

export class Chart {
  private zoom = 1;
  private centre: [number, number] = [0, 0];

  pan(x: number, y: number): void {
    this.centre = [this.centre[0] + x, this.centre[1] + y];
  }
  magnify(by: number): void {
    this.zoom *= by;
  }
  save(): View {
    return { zoom: this.zoom, centre: [...this.centre] };
  }
  restore(view: View): void {
    this.zoom = view.zoom;
    this.centre = [...view.centre];
  }
}

export class ViewHistory {
  private views: View[] = [];
  constructor(private readonly chart: Chart) {}
  keep(): void {
    this.views.push(this.chart.save());
  }
  back(): void {
    const view = this.views.pop();
    if (view) this.chart.restore(view);
  }
}
