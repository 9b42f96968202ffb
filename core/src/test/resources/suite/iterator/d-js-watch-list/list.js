export class WatchList {
  constructor(...names) {
    this.names = names;
  }
  add(name) {
    this.names.push(name);
  }
  walk() {
    return new WatchWalk(this.names);
  }
}

class WatchWalk {
  #names;
  #at = 0;
  constructor(names) {
    this.#names = names;
  }
  hasNext() {
    return this.#at < this.#names.length;
  }
  next() {
    if (!this.hasNext()) throw new RangeError('nobody left on watch');
    return this.#names[this.#at++];
  }
}
