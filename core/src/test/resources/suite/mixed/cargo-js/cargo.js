const registry = require('./registry');

class Cargo {
  constructor(tons) {
    this.tons = tons;
  }
  fee() {
    throw new Error('fee');
  }
}

class Grain extends Cargo {
  fee() {
    return this.tons * 3;
  }
}

class Timber extends Cargo {
  fee() {
    return this.tons * 5 + 10;
  }
}

registry.register('grain', (tons) => new Grain(tons));
registry.register('timber', (tons) => new Timber(tons));

module.exports = { Cargo, Grain, Timber };
