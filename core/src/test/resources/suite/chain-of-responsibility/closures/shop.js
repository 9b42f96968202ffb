const { Stock, Supplier, Workshop } = require('./pipeline');
class Chandler {
  constructor() {
    this.first = new Stock();
    this.first.setNext(new Supplier()).setNext(new Workshop());
  }
  serve(order) { return this.first.handle(order) ?? 'sorry'; }
}
module.exports = Chandler;
