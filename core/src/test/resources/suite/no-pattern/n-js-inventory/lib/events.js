'use strict';
const { EventEmitter } = require('node:events');

class Inventory extends EventEmitter {
  #stock = new Map();

  put(item, count) {
    this.#stock.set(item, (this.#stock.get(item) ?? 0) + count);
    this.emit('changed', item, this.#stock.get(item));
  }

  take(item, count) {
    const left = (this.#stock.get(item) ?? 0) - count;
    if (left < 0) {
      this.emit('short', item, -left);
      return false;
    }
    this.#stock.set(item, left);
    this.emit('changed', item, left);
    return true;
  }

  *[Symbol.iterator]() {
    for (const [item, count] of this.#stock) {
      yield { item, count };
    }
  }
}

module.exports = { Inventory };
