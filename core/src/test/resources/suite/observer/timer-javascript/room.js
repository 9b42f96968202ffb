const Thermostat = require('./thermostat');

class Blind {
  close() {
    this.closed = true;
  }
}

function furnish() {
  const thermostat = new Thermostat(24);
  const blind = new Blind();
  const shut = () => blind.close();
  thermostat.on('hot', shut);
  setTimeout(() => thermostat.off('hot', shut), 1000);
  return thermostat;
}

module.exports = furnish;
