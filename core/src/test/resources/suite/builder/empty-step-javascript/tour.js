class Tour {
  constructor(stops, lunch) {
    this.stops = stops;
    this.lunch = lunch;
  }
}

class TourBuilder {
  constructor() {
    this.stops = [];
    this.lunch = false;
  }

  stop(name) {
    this.stops.push(name);
    return this;
  }

  withLunch() {
    this.lunch = true;
    return this;
  }

  withGuide() {
    return this;
  }

  build() {
    return new Tour([...this.stops], this.lunch);
  }
}

module.exports = { Tour, TourBuilder };
