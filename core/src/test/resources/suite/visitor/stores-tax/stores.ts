export interface StoreVisitor<R> {
  visitRope(rope: Rope): R;
  visitPaint(paint: Paint): R;
  visitShelf(shelf: Shelf): R;
}

export abstract class StoreItem {
  abstract accept<R>(visitor: StoreVisitor<R>): R;
}

export class Rope extends StoreItem {
  constructor(readonly metres: number) { super(); }
  accept<R>(visitor: StoreVisitor<R>): R { return visitor.visitRope(this); }
}

export class Paint extends StoreItem {
  constructor(readonly litres: number, readonly toxic: boolean) { super(); }
  accept<R>(visitor: StoreVisitor<R>): R { return visitor.visitPaint(this); }
}

export class Shelf extends StoreItem {
  constructor(readonly items: StoreItem[]) { super(); }
  accept<R>(visitor: StoreVisitor<R>): R { return visitor.visitShelf(this); }
}
