class ChartStore {
  load(name) {
    return readFromDisk(name);
  }

  names() {
    return ['bay', 'river'];
  }
}

class CachedCharts {
  #store = new ChartStore();
  #kept = new Map();

  load(name) {
    if (!this.#kept.has(name)) {
      this.#kept.set(name, this.#store.load(name));
    }
    return this.#kept.get(name);
  }

  names() {
    return this.#store.names();
  }
}

export function charts(fast) {
  return fast ? new CachedCharts() : new ChartStore();
}
