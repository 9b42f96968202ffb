const { EventEmitter } = require('events');

class Gate extends EventEmitter {
  constructor() {
    super();
    this.open = false;
  }

  lift() {
    this.open = true;
    this.emit('moved', this.open);
  }

  drop() {
    this.open = false;
    this.emit('moved', this.open);
  }
}

class Lamp {
  constructor(gate) {
    this.green = false;
    gate.on('moved', (open) => {
      this.green = open;
    });
  }
}

module.exports = { Gate, Lamp };
