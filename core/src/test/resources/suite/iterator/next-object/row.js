class BerthRow {
  constructor(names) {
    this._names = names;
  }

  [Symbol.iterator]() {
    let at = 0;
    const names = this._names;
    return {
      next: () => (at < names.length ? { value: names[at++], done: false } : { value: undefined, done: true }),
    };
  }
}

for (const berth of new BerthRow(['a', 'b'])) {
  console.log(berth);
}
