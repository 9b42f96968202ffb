import { EventEmitter } from 'node:events';

const colours = new Map();

export class Flag {
  #name;
  constructor(name) {
    this.#name = name;
  }
  get name() {
    return this.#name;
  }
  static of(name) {
    let flag = colours.get(name);
    if (flag === undefined) {
      flag = new Flag(name);
      colours.set(name, flag);
    }
    return flag;
  }
}

export class Board extends EventEmitter {
  #berths = new Map();

  moor(berth, ship, flag) {
    this.#berths.set(berth, { ship, flag: Flag.of(flag) });
    this.emit('moored', berth, ship);
  }

  leave(berth) {
    if (this.#berths.delete(berth)) {
      this.emit('left', berth);
    }
  }

  *[Symbol.iterator]() {
    for (const [berth, { ship }] of this.#berths) {
      yield [berth, ship];
    }
  }
}
