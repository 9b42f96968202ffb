const { issue } = require('./parking');

class Barrier {
  exit(kind, minutes) {
    return issue(kind).price(minutes);
  }
}

module.exports = Barrier;
