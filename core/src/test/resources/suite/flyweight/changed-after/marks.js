'use strict';

class Mark {
  constructor(shape) {
    this.shape = shape;
    this.colour = 'grey';
  }

  paint(colour) {
    this.colour = colour;
  }

  at(x, y) {
    return `${this.colour} ${this.shape} at ${x},${y}`;
  }
}

class MarkBook {
  constructor() {
    this.marks = new Map();
  }

  markFor(shape) {
    let mark = this.marks.get(shape);
    if (!mark) {
      mark = new Mark(shape);
      this.marks.set(shape, mark);
    }
    return mark;
  }
}

module.exports = { Mark, MarkBook };
