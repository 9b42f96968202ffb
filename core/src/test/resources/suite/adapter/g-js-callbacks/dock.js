const { ElectricPump } = require('./lib/pumps');
const { OldPumpAdapter } = require('./lib/old-pump-adapter');

class DryDock {
  constructor(pumps) {
    this.pumps = pumps;
  }
  async empty() {
    for (const pump of this.pumps) await pump.start();
    return this.pumps.every(pump => pump.isRunning());
  }
}

new DryDock([new ElectricPump(), new OldPumpAdapter()]).empty();
