'use strict';

class Check {
  #next = null;

  then(next) {
    this.#next = next;
    return next;
  }

  run(cargo) {
    return this.#next.run(cargo);
  }
}

class WeightCheck extends Check {
  run(cargo) {
    if (cargo.tons > 40) return 'too heavy';
    return super.run(cargo);
  }
}

class PapersCheck extends Check {
  run(cargo) {
    if (!cargo.papers) return 'no papers';
    return super.run(cargo);
  }
}

class LastWord extends Check {
  run() {
    return 'let through';
  }
}

module.exports = { WeightCheck, PapersCheck, LastWord };
