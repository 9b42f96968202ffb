export interface PartVisitor { bolt(b: Bolt): void; frame(f: Frame): void; }
export interface Part { accept(v: PartVisitor): void; }
export class Bolt implements Part { readonly size = 8; accept(v: PartVisitor): void { v.bolt(this); } }
export class Frame implements Part {
  readonly parts: Part[] = [];
  accept(v: PartVisitor): void { v.frame(this); this.parts.forEach(p => p.accept(v)); }
}
export class Counter implements PartVisitor {
  private n = 0;
  bolt(b: Bolt): void { this.n += b.size; }
  frame(f: Frame): void { this.n += 1; }
}
export function count(part: Part): void { part.accept(new Counter()); }
