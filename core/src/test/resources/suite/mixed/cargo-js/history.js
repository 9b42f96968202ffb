class History {
  #done = [];

  run(step) {
    step.execute();
    this.#done.push(step);
  }

  undo() {
    const step = this.#done.pop();
    if (step) step.undo();
  }
}

class Load {
  constructor(hold, cargo) {
    this.hold = hold;
    this.cargo = cargo;
  }
  execute() {
    this.hold.put(this.cargo);
  }
  undo() {
    this.hold.take(this.cargo);
  }
}

class Unload {
  constructor(hold, cargo) {
    this.hold = hold;
    this.cargo = cargo;
  }
  execute() {
    this.hold.take(this.cargo);
  }
  undo() {
    this.hold.put(this.cargo);
  }
}

class Hold {
  cargo = new Set();
  put(cargo) {
    this.cargo.add(cargo);
  }
  take(cargo) {
    this.cargo.delete(cargo);
  }
}

module.exports = { History, Load, Unload, Hold };
