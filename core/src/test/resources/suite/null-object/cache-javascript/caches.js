class MemoryCache {
  constructor() {
    this.map = new Map();
  }

  get(key) {
    return this.map.get(key);
  }

  set(key, value) {
    this.map.set(key, value);
  }
}

class NoCache {
  get() {
    return undefined;
  }

  set() {}
}

module.exports = { MemoryCache, NoCache };
