const { Has, Above, Every, Not } = require('./rules');

class Alarm {
  constructor() {
    this.rule = new Every(new Has('level'), new Above('level', 7), new Not(new Has('muted')));
  }

  check(reading) {
    return this.rule.matches(reading) ? 'ring' : 'rest';
  }
}

module.exports = Alarm;
