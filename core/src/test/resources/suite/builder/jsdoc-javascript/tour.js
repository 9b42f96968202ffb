/** What a guide follows. */
class Tour {
  /**
   * @param {string} town
   * @param {string[]} stops
   * @param {boolean} byNight
   */
  constructor(town, stops, byNight) {
    this.town = town;
    this.stops = Object.freeze([...stops]);
    this.byNight = byNight;
    Object.freeze(this);
  }
}

class TourPlan {
  /** @type {string[]} */
  #stops = [];
  #byNight = false;
  #town;

  /** @param {string} town */
  constructor(town) {
    this.#town = town;
  }

  /**
   * @param {string} stop
   * @returns {TourPlan}
   */
  visit(stop) {
    this.#stops.push(stop);
    return this;
  }

  /** @returns {this} */
  atNight() {
    this.#byNight = true;
    return this;
  }

  /** @returns {Tour} */
  done() {
    if (!this.#stops.length) throw new RangeError('a tour needs a stop');
    return new Tour(this.#town, this.#stops, this.#byNight);
  }
}

module.exports = { Tour, TourPlan };
