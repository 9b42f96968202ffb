'use strict';

const { MarkBook } = require('./marks');

class Chart {
  constructor() {
    this.book = new MarkBook();
    this.placed = [];
  }

  place(shape, x, y) {
    this.placed.push({ mark: this.book.markFor(shape), x, y });
  }

  draw() {
    return this.placed.map((p) => p.mark.at(p.x, p.y));
  }

  warn(shape) {
    this.book.markFor(shape).paint('red');
  }
}

module.exports = Chart;
