export class Pages {
  #fetch;

  constructor(fetch) {
    this.#fetch = fetch;
  }

  async *[Symbol.asyncIterator]() {
    let page = 1;
    let rows = await this.#fetch(page);
    while (rows.length > 0) {
      yield* rows;
      page += 1;
      rows = await this.#fetch(page);
    }
  }
}

export class Shelf {
  #books = [];

  add(book) {
    this.#books.push(book);
  }

  [Symbol.iterator]() {
    let at = 0;
    const books = this.#books;
    return {
      next() {
        return at < books.length ? { value: books[at++], done: false } : { value: undefined, done: true };
      },
    };
  }
}
