'use strict';

const { Gauge, Reading } = require('./gauge');

/** One feed for the whole port: private state in a closure, a public surface handed out. */
const feed = (function () {
  const readers = [];
  let last = null;

  function each(reading) {
    readers.forEach((reader) => reader(reading));
  }

  return {
    subscribe(reader) {
      readers.push(reader);
    },
    publish(reading) {
      last = reading;
      each(reading);
    },
    latest() {
      return last;
    },
  };
})();

function createFilter(inner, limit) {
  let dropped = 0;
  return {
    publish(reading) {
      if (reading.level > limit) {
        dropped += 1;
        return;
      }
      inner.publish(reading);
    },
    dropped() {
      return dropped;
    },
  };
}

class Station {
  #gauges = new Map();

  constructor(target) {
    this.target = target;
  }

  add(gauge) {
    this.#gauges.set(gauge.place, gauge);
    return this;
  }

  *readings() {
    for (const gauge of this.#gauges.values()) {
      yield gauge.read();
    }
  }

  run() {
    for (const reading of this.readings()) {
      this.target.publish(reading);
    }
  }
}

const station = new Station(createFilter(feed, 9));
station.add(new Gauge('mole', 3.2));
feed.subscribe((reading) => console.log(reading.level));
station.run();

module.exports = { feed, createFilter, Station, Reading };
