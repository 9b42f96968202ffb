const { seed } = require('./seeds');

class Garden {
  constructor() {
    this.rows = [];
  }

  plant(name) {
    this.rows.push(seed(name, 60));
  }

  plan() {
    return this.rows.map((one, row) => one.sow(row));
  }
}

module.exports = { Garden };
