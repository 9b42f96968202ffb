const { EventEmitter } = require('events');
class Engine {}
class Craft extends EventEmitter {
  #engine = new Engine();
  constructor(name, turbo) { super(); this.name = name; this.turbo = turbo ?? new Turbo(); }
  start() { return this.#engine; }
}
class Turbo {}
/** @typedef {{length: number}} Oar */
class Skiff extends Craft {
  constructor(name) { super(name); this.seats = [new Seat(), new Seat()]; this.crew = null; }
  /** @param {Crew} crew */
  take(crew) { this.crew = crew; }
}
class Seat {}
class Crew {
  constructor() { this.boats = new Map(); }
  row(skiff) { this.boats.set(skiff.name, skiff); return new Trip(skiff); }
  static of(n) { return Array.from({ length: n }, () => new Crew()); }
}
class Trip { constructor(craft) { this.craft = craft; } }
function Buoy(name) { this.name = name; this.chain = new Chain(); }
Buoy.prototype.drop = function (craft) { return new Trip(craft); };
function Chain() {}
function LightBuoy(name) { Buoy.call(this, name); }
LightBuoy.prototype = Object.create(Buoy.prototype);
module.exports = { Skiff, Crew, LightBuoy };
