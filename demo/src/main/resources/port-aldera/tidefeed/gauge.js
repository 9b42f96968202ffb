'use strict';

function Instrument(place) {
  this.place = place;
}

Instrument.prototype.read = function () {
  throw new Error('read: for the kinds of instrument');
};

function Gauge(place, level) {
  Instrument.call(this, place);
  this.level = level;
}

Gauge.prototype = Object.create(Instrument.prototype);

Gauge.prototype.read = function () {
  return new Reading(this.place, this.level);
};

Gauge.atZero = function (place) {
  return new Gauge(place, 0);
};

class Reading {
  /**
   * @param {string} place
   * @param {number} level
   */
  constructor(place, level) {
    this.place = place;
    this.level = level;
  }

  [Symbol.iterator]() {
    return [this.place, this.level][Symbol.iterator]();
  }
}

const units = {
  factor: 100,
  toCentimetres(reading) {
    return reading.level * this.factor;
  },
};

module.exports = { Instrument, Gauge, Reading, units };
