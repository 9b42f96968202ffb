const register = require('./register');

class Gate {
  arrive(ship) {
    register.enter(ship);
    return register.count();
  }
}

module.exports = { Gate };
