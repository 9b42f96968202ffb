import { Paint, Rope, Shelf, StoreVisitor } from './stores';

export class TaxVisit implements StoreVisitor<number> {
  visitRope(rope: Rope): number { return rope.metres * 2; }
  visitPaint(paint: Paint): number { return paint.toxic ? paint.litres * 9 : paint.litres; }
  visitShelf(shelf: Shelf): number {
    return shelf.items.reduce((sum, item) => sum + item.accept(this), 0);
  }
}

export class ListVisit implements StoreVisitor<string> {
  visitRope(rope: Rope): string { return `${rope.metres} m rope`; }
  visitPaint(paint: Paint): string { return `${paint.litres} l paint`; }
  visitShelf(shelf: Shelf): string { return shelf.items.map((i) => i.accept(this)).join('\n'); }
}

export function taxOf(shelf: Shelf): number {
  return shelf.accept(new TaxVisit());
}
