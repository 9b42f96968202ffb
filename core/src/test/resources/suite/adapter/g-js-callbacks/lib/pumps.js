'use strict';

class Pump {
  async start() {
    throw new Error('not implemented');
  }
  async stop() {
    throw new Error('not implemented');
  }
  isRunning() {
    throw new Error('not implemented');
  }
}

class ElectricPump extends Pump {
  async start() {
    this.on = true;
  }
  async stop() {
    this.on = false;
  }
  isRunning() {
    return this.on;
  }
}

module.exports = { Pump, ElectricPump };
