const { EventEmitter } = require('events');

class Kiln extends EventEmitter {
  constructor() {
    super();
    this.degrees = 20;
  }

  heat(step) {
    this.degrees += step;
    this.emit('hotter', this.degrees);
  }
}

module.exports = { Kiln };
