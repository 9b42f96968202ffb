export class Gauge {
  #listeners = new Set();
  #level = 0;

  watch(listener) {
    const ref = new WeakRef(listener);
    this.#listeners.add(ref);
    return () => this.#listeners.delete(ref);
  }

  set level(value) {
    this.#level = value;
    for (const ref of [...this.#listeners]) {
      const listener = ref.deref();
      if (listener) {
        listener.changed(value);
      } else {
        this.#listeners.delete(ref);
      }
    }
  }
}

export class Board {
  changed(level) {
    this.text = `tide ${level}`;
  }
}

export class Siren {
  changed(level) {
    this.on = level > 400;
  }
}

const gauge = new Gauge();
const board = new Board();
gauge.watch(board);
gauge.watch(new Siren());
gauge.level = 12;
