const { Tides, Berths } = require("./desk");
class Hall {
  constructor() {
    this.first = new Tides();
    this.first.setNext(new Berths());
  }
  ask(question) { return this.first.answer(question); }
}
module.exports = Hall;
