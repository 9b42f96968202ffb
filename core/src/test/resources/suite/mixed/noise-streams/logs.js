const fs = require('node:fs');
const { Transform, pipeline } = require('node:stream');

class Lines extends Transform {
  constructor() {
    super({ readableObjectMode: true });
    this.rest = '';
  }

  _transform(chunk, encoding, done) {
    const parts = (this.rest + chunk).split('\n');
    this.rest = parts.pop();
    for (const line of parts) {
      this.push(line);
    }
    done();
  }

  _flush(done) {
    if (this.rest) {
      this.push(this.rest);
    }
    done();
  }
}

class OnlyErrors extends Transform {
  constructor() {
    super({ objectMode: true });
  }

  _transform(line, encoding, done) {
    if (line.includes('ERROR')) {
      this.push(`${line}\n`);
    }
    done();
  }
}

function errors(from, to) {
  return new Promise((resolve, reject) => {
    pipeline(fs.createReadStream(from), new Lines(), new OnlyErrors(), fs.createWriteStream(to), (error) => {
      if (error) {
        reject(error);
      } else {
        resolve(to);
      }
    });
  });
}

class Limiter {
  constructor(most) {
    this.most = most;
    this.running = 0;
    this.waiting = [];
  }

  async run(task) {
    if (this.running >= this.most) {
      await new Promise((resolve) => this.waiting.push(resolve));
    }
    this.running += 1;
    try {
      return await task();
    } finally {
      this.running -= 1;
      this.waiting.shift()?.();
    }
  }
}

module.exports = { Lines, OnlyErrors, errors, Limiter };
