import { IconShelf } from "./icons.js";

export class ChartMap {
  #shelf = new IconShelf();
  #places = [];
  #listeners = new Set();

  onPlaced(listener) {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  }

  place(kind, x, y) {
    this.#places.push({ icon: this.#shelf.get(kind), x, y });
    for (const listener of [...this.#listeners]) {
      listener(kind, x, y);
    }
  }

  *[Symbol.iterator]() {
    for (const { icon, x, y } of this.#places) {
      yield icon.draw(x, y);
    }
  }
}
