export class Quay {
  #berths = [];

  add(berth) {
    this.#berths.push(berth);
  }

  [Symbol.iterator]() {
    let index = 0;
    const berths = this.#berths;
    return {
      next() {
        return index < berths.length
          ? { value: berths[index++], done: false }
          : { value: undefined, done: true };
      },
    };
  }
}
