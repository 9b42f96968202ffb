import { getState, subscribe } from './store.js';

export class ItemList {
  constructor(element) {
    this.element = element;
    this.stop = subscribe((state) => this.render(state));
    this.render(getState());
  }

  render({ items, filter }) {
    this.element.innerHTML = items
      .filter((item) => item.name.includes(filter))
      .map((item) => `<li>${item.name}</li>`)
      .join('');
  }

  remove() {
    this.stop();
  }
}

export class Count {
  constructor(element) {
    this.element = element;
    subscribe(({ items }) => {
      this.element.textContent = `${items.length}`;
    });
  }
}
