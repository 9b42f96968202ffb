class Book {
  enter(line) {
    throw new Error('enter is missing');
  }
  count() {
    throw new Error('count is missing');
  }
}

class PortRegister extends Book {
  constructor() {
    super();
    this.lines = [];
  }
  enter(line) {
    this.lines.push(line);
  }
  count() {
    return this.lines.length;
  }
}

module.exports = new PortRegister();
