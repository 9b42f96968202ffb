const { inherits } = require('util');
const EventEmitter = require('events');

function Thermostat(limit) {
  EventEmitter.call(this);
  this.limit = limit;
}
inherits(Thermostat, EventEmitter);

Thermostat.prototype.read = function (degrees) {
  this.degrees = degrees;
  if (degrees > this.limit) {
    this.emit('hot', degrees);
  }
};

module.exports = Thermostat;
