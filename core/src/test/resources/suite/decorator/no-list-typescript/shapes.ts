export interface Shape { draw(): string; }
export class Dot implements Shape { draw(): string { return "."; } }
export class Group implements Shape {
  private shapes: Shape[] = [];
  add(shape: Shape): void { this.shapes.push(shape); }
  draw(): string { return this.shapes.map(s => s.draw()).join(""); }
}
export class Page { show(shape: Shape): string { return shape.draw(); } }
