export interface Memento { readonly at: Date }

class ChartMemento implements Memento {
  constructor(readonly at: Date, private readonly zoom: number, private readonly marks: readonly string[]) {}
  unpack(): { zoom: number; marks: string[] } {
    return { zoom: this.zoom, marks: [...this.marks] };
  }
}

export class ChartView {
  private zoom = 1;

  private putZoom(to): void {
    this.zoom = to;
  }
  private marks: string[] = [];

  private putMarks(to: string[]): void {
    this.marks = to;
  }

  mark(name: string): void { this.marks.push(name); }
  zoomTo(zoom: number): void { this.zoom = zoom; }

  save(): Memento { return new ChartMemento(new Date(), this.zoom, [...this.marks]); }

  restore(memento: Memento): void {
    if (!(memento instanceof ChartMemento)) throw new Error('not mine');
    const { zoom, marks } = memento.unpack();
    this.putZoom(zoom);
    this.putMarks(marks);
  }
}

export class History {
  private readonly past: Memento[] = [];
  constructor(private readonly view: ChartView) {}
  keep(): void { this.past.push(this.view.save()); }
  back(): void {
    const last = this.past.pop();
    if (last) this.view.restore(last);
  }
}
