import { Money } from "./money";

export interface Article {
  readonly id: string;
  readonly title: string;
  readonly price: Money;
}

type Line = { article: Article; pieces: number };

export class Cart {
  private lines = new Map<string, Line>();

  add(article: Article, pieces = 1): void {
    const line = this.lines.get(article.id);
    if (line) line.pieces += pieces;
    else this.lines.set(article.id, { article, pieces });
  }

  remove(id: string): boolean {
    return this.lines.delete(id);
  }

  total(): Money {
    let sum = new Money(0);
    for (const { article, pieces } of this.lines.values()) sum = sum.plus(article.price.times(pieces));
    return sum;
  }

  isEmpty(): boolean {
    return this.lines.size === 0;
  }
}
