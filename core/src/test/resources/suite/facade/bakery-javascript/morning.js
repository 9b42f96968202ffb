const { Bakery } = require('./bakery');

class Morning {
  constructor() {
    this.bakery = new Bakery();
  }

  start() {
    this.bakery.loaves(12);
  }
}

module.exports = { Morning };
