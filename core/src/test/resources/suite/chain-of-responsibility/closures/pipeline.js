class Step {
  constructor() { this.next = null; }
  setNext(step) { this.next = step; return step; }
  handle(order) { return this.next ? this.next.handle(order) : null; }
}
class Stock extends Step {
  handle(order) {
    if (order.kind === 'stock') return `taken from shelf: ${order.item}`;
    return super.handle(order);
  }
}
class Supplier extends Step {
  handle(order) {
    if (order.kind === 'supplier') return `ordered: ${order.item}`;
    return super.handle(order);
  }
}
class Workshop extends Step {
  handle(order) { return order.kind === 'make' ? `made: ${order.item}` : super.handle(order); }
}
module.exports = { Stock, Supplier, Workshop };
