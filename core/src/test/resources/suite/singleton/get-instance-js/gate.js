const { portLog } = require('./log');

class Gate {
  pass(truck) {
    portLog().note(truck);
  }
}

new Gate().pass('AL 20');
