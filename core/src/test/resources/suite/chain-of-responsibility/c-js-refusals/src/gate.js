'use strict';
const { WeightCheck, PapersCheck, LastWord } = require('./checks');

class Gate {
  constructor() {
    this.first = new WeightCheck();
    this.first.then(new PapersCheck()).then(new LastWord());
  }

  arrives(cargo) {
    return this.first.run(cargo);
  }
}

module.exports = { Gate };
