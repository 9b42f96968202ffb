const { TickerTape } = require('./oldPrinter');
const { PagePrinter, TapePrinter } = require('./printers');

class Desk {
  constructor(printer) {
    this.printer = printer;
  }

  telegram(text) {
    text.split(' ').forEach((word) => this.printer.print(word));
    return this.printer.finish();
  }
}

console.log(new Desk(new PagePrinter()).telegram('all well'));
console.log(new Desk(new TapePrinter(new TickerTape())).telegram('all well'));
