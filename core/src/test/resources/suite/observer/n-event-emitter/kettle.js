const { EventEmitter } = require('events');

class Kettle extends EventEmitter {
  constructor() {
    super();
    this.degrees = 20;
  }

  heat() {
    this.degrees += 40;
    if (this.degrees >= 100) {
      this.emit('boiling', this.degrees);
    }
  }
}

module.exports = { Kettle };
