class Ring {
  constructor(size) {
    this.slots = new Array(size).fill(null);
    this.start = 0;
  }

  put(value) {
    this.slots[this.start % this.slots.length] = value;
    this.start += 1;
  }

  [Symbol.iterator]() {
    let at = 0;
    const slots = this.slots;
    return {
      next() {
        if (at < slots.length) {
          return { value: slots[at++], done: false };
        }
        return { value: undefined, done: true };
      },
    };
  }
}

module.exports = { Ring };
