import { area, circle, group, type Shape, square } from './shapes';

export class Canvas {
  private readonly shapes: Shape[] = [];
  private readonly listeners: Array<() => void> = [];

  add(shape: Shape): this {
    this.shapes.push(shape);
    for (const listener of this.listeners) listener();
    return this;
  }

  onChange(listener: () => void): void {
    this.listeners.push(listener);
  }

  total(): number {
    return this.shapes.map(area).reduce((a, b) => a + b, 0);
  }
}

const canvas = new Canvas();
canvas.onChange(() => console.log('changed'));
canvas.add(circle(2)).add(group(square(1), square(2)));
