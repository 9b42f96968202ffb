export class Link {
  next: Link | null = null;
  constructor(readonly metres: number) {}
  length(): number { return this.metres + (this.next ? this.next.length() : 0); }
}
export class AnchorChain {
  private first: Link | null = null;
  add(metres: number): void { const link = new Link(metres); link.next = this.first; this.first = link; }
  length(): number { return this.first ? this.first.length() : 0; }
}
