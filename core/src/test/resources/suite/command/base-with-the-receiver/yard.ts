export class Chart {
  private text = "";
  swap(at: number, many: number, by: string): string {
    const gone = this.text.slice(at, at + many);
    this.text = this.text.slice(0, at) + by + this.text.slice(at + many);
    return gone;
  }
}
export interface Mark { readonly label: string; do(): void; undo(): void }
abstract class ChartMark implements Mark {
  abstract readonly label: string;
  constructor(protected readonly chart: Chart) {}
  abstract do(): void;
  abstract undo(): void;
}
export class Draw extends ChartMark {
  readonly label = "draw";
  constructor(chart: Chart, private at: number, private line: string) { super(chart); }
  do() { this.chart.swap(this.at, 0, this.line); }
  undo() { this.chart.swap(this.at, this.line.length, ""); }
}
export class Rub extends ChartMark {
  readonly label = "rub";
  private gone = "";
  constructor(chart: Chart, private at: number, private many: number) { super(chart); }
  do() { this.gone = this.chart.swap(this.at, this.many, ""); }
  undo() { this.chart.swap(this.at, 0, this.gone); }
}
export class Table {
  private done: Mark[] = [];
  run(mark: Mark) { mark.do(); this.done.push(mark); }
  back() { const mark = this.done.pop(); if (!mark) return; mark.undo(); }
}
