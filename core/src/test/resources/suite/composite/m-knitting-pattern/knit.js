'use strict';

class Knit {
  constructor(count) {
    this.count = count;
  }

  work(row) {
    for (let i = 0; i < this.count; i++) row.push('k');
    return row;
  }
}

class Purl {
  constructor(count) {
    this.count = count;
  }

  work(row) {
    for (let i = 0; i < this.count; i++) row.push('p');
    return row;
  }
}

class Repeat {
  constructor(times, part) {
    this.times = times;
    this.part = part;
  }

  work(row) {
    for (let i = 0; i < this.times; i++) this.part.work(row);
    return row;
  }
}

class Sequence {
  constructor(parts) {
    this.parts = parts;
  }

  work(row) {
    for (const part of this.parts) part.work(row);
    return row;
  }
}

function parse(tokens) {
  const parts = [];
  while (tokens.length && tokens[0] !== ']') {
    const token = tokens.shift();
    if (token === '[') {
      const inner = parse(tokens);
      tokens.shift();
      parts.push(new Repeat(Number(tokens.shift()), inner));
    } else if (token[0] === 'k') {
      parts.push(new Knit(Number(token.slice(1))));
    } else {
      parts.push(new Purl(Number(token.slice(1))));
    }
  }
  return new Sequence(parts);
}

module.exports = { parse };
