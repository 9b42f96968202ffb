import { DocNode, Image, NodeVisitor, Paragraph } from './nodes';

export class WordCount implements NodeVisitor {
  words = 0;
  paragraph(node: Paragraph): void {
    this.words += node.text.split(' ').length;
  }
  image(_node: Image): void {}
}

export class Links implements NodeVisitor {
  readonly urls: string[] = [];
  paragraph(_node: Paragraph): void {}
  image(node: Image): void {
    this.urls.push(node.url);
  }
}

export class Book {
  constructor(private readonly nodes: DocNode[]) {}
  count(): number {
    const count = new WordCount();
    this.nodes.forEach((node) => node.accept(count));
    return count.words;
  }
}
