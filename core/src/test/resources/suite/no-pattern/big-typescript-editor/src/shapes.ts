export interface Bounds { x: number; y: number; w: number; h: number }

export abstract class Shape {
  abstract bounds(): Bounds;
  abstract moved(dx: number, dy: number): Shape;
}

export class Rect extends Shape {
  constructor(private readonly b: Bounds) { super(); }
  bounds(): Bounds { return this.b; }
  moved(dx: number, dy: number): Rect { return new Rect({ ...this.b, x: this.b.x + dx, y: this.b.y + dy }); }
}

export class Group extends Shape {
  constructor(private readonly parts: readonly Shape[]) { super(); }
  bounds(): Bounds {
    const all = this.parts.map((part) => part.bounds());
    const x = Math.min(...all.map((b) => b.x));
    const y = Math.min(...all.map((b) => b.y));
    return { x, y, w: Math.max(...all.map((b) => b.x + b.w)) - x, h: Math.max(...all.map((b) => b.y + b.h)) - y };
  }
  moved(dx: number, dy: number): Group { return new Group(this.parts.map((part) => part.moved(dx, dy))); }
}
