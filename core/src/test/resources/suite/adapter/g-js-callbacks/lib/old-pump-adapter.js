'use strict';
const { Pump } = require('./pumps');
const OldPump = require('./old-pump');

class OldPumpAdapter extends Pump {
  constructor() {
    super();
    this.old = new OldPump();
  }
  start() {
    return new Promise((resolve, reject) => this.old.setFlow(100, error => (error ? reject(error) : resolve())));
  }
  isRunning() {
    return this.old.readFlow() > 0;
  }
}

module.exports = { OldPumpAdapter };
