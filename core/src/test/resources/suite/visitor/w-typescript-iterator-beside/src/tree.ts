export interface TreeVisitor<R> {
  folder(folder: Folder): R;
  page(page: Page): R;
}

export interface Item {
  accept<R>(visitor: TreeVisitor<R>): R;
}

export class Folder implements Item, Iterable<Item> {
  readonly #items: Item[] = [];

  add(item: Item): this {
    this.#items.push(item);
    return this;
  }

  *[Symbol.iterator](): Iterator<Item> {
    for (const item of this.#items) {
      yield item;
    }
  }

  accept<R>(visitor: TreeVisitor<R>): R {
    return visitor.folder(this);
  }
}

export class Page implements Item {
  constructor(readonly words: number) {}

  accept<R>(visitor: TreeVisitor<R>): R {
    return visitor.page(this);
  }
}
