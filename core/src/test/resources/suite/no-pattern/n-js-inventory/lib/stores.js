'use strict';
const fs = require('node:fs/promises');

class FileStore {
  constructor(path) {
    this.path = path;
  }
  async load() {
    return JSON.parse(await fs.readFile(this.path, 'utf8'));
  }
  async save(rows) {
    await fs.writeFile(this.path, JSON.stringify(rows));
  }
}

class MemoryStore {
  constructor() {
    this.rows = [];
  }
  async load() {
    return this.rows;
  }
  async save(rows) {
    this.rows = rows;
  }
}

class RetryingStore {
  constructor(store, times = 3) {
    this.store = store;
    this.times = times;
  }
  async load() {
    return this.#again(() => this.store.load());
  }
  async save(rows) {
    return this.#again(() => this.store.save(rows));
  }
  async #again(work) {
    for (let left = this.times; ; left--) {
      try {
        return await work();
      } catch (error) {
        if (left <= 1) throw error;
      }
    }
  }
}

module.exports = { FileStore, MemoryStore, RetryingStore };
