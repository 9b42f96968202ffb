import { Goods, Freight, Discount } from './lines.js';
import { Total, Printer } from './visitors.js';

export class Invoice {
  constructor() {
    this.lines = [new Goods(12, 3), new Freight(8), new Discount(5)];
  }

  total() {
    const total = new Total();
    this.lines.forEach((line) => line.accept(total));
    return total.sum;
  }

  print() {
    const printer = new Printer();
    return this.lines.map((line) => line.accept(printer)).join('\n');
  }
}
