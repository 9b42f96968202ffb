const HIDDEN = Symbol('pass');

class Pass {
  #holder;
  #until;

  constructor(key, holder, until) {
    if (key !== HIDDEN) throw new Error('use Pass.forDays or Pass.lifelong');
    this.#holder = holder;
    this.#until = until;
  }

  static forDays(holder, days) {
    const until = new Date();
    until.setDate(until.getDate() + days);
    return new Pass(HIDDEN, holder, until);
  }

  static lifelong(holder) {
    return new Pass(HIDDEN, holder, null);
  }

  valid(on) {
    return this.#until === null || on < this.#until;
  }
}

module.exports = { Pass };
