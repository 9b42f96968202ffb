class Printer {
  print(line) {
    throw new Error('not implemented');
  }

  finish() {
    throw new Error('not implemented');
  }
}

class PagePrinter extends Printer {
  constructor() {
    super();
    this.lines = [];
  }

  print(line) {
    this.lines.push(line);
  }

  finish() {
    return this.lines.join('\n');
  }
}

class TapePrinter extends Printer {
  constructor(tape) {
    super();
    this.tape = tape;
  }

  print(line) {
    this.tape.punch(line.toUpperCase(), 80);
  }

  finish() {
    return this.tape.tear();
  }
}

module.exports = { Printer, PagePrinter, TapePrinter };
