import type { Berth } from './berths';

export interface Painter {
  row(berth: Berth): string;
}

export class PlainPainter implements Painter {
  row(berth: Berth): string {
    return berth.code;
  }
}

export class FramedPainter implements Painter {
  constructor(private readonly inner: Painter) {}

  row(berth: Berth): string {
    return `[${this.inner.row(berth)}]`;
  }
}

export { PlainPainter as DefaultPainter };
