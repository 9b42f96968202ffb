export interface NodeVisitor {
  paragraph(node: Paragraph): void;
  image(node: Image): void;
}

export interface DocNode {
  accept(visitor: NodeVisitor): void;
}

export class Paragraph implements DocNode {
  constructor(readonly text: string) {}
  accept(visitor: NodeVisitor): void {
    visitor.paragraph(this);
  }
}

export class Image implements DocNode {
  constructor(readonly url: string) {}
  accept(visitor: NodeVisitor): void {
    visitor.image(this);
  }
}

export class Rule implements DocNode {
  accept(_visitor: NodeVisitor): void {}
}
