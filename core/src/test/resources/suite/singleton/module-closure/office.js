const Dispatcher = require('./dispatcher');
class Office {
  ticket() { return Dispatcher.getInstance().next(); }
}
module.exports = Office;
