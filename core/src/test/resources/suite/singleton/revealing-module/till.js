const ledger = require('./ledger');

class Till {
  take(amount) {
    ledger.enter('dues', amount);
    return ledger.balance();
  }
}

module.exports = Till;
