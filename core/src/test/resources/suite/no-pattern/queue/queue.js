'use strict';

const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

async function retry(work, times) {
  let last;
  for (let i = 0; i < times; i++) {
    try {
      return await work();
    } catch (error) {
      last = error;
      await sleep(10 * (i + 1));
    }
  }
  throw last;
}

function memo(fn) {
  const known = {};
  return (key) => {
    if (!(key in known)) known[key] = fn(key);
    return known[key];
  };
}

class UploadQueue {
  constructor(limit) {
    this.limit = limit;
    this.running = 0;
    this.waiting = [];
  }

  push(file) {
    return new Promise((resolve, reject) => {
      this.waiting.push({ file, resolve, reject });
      this.pump();
    });
  }

  pump() {
    while (this.running < this.limit && this.waiting.length > 0) {
      const { file, resolve, reject } = this.waiting.shift();
      this.running += 1;
      retry(() => this.send(file), 3)
        .then(resolve, reject)
        .finally(() => {
          this.running -= 1;
          this.pump();
        });
    }
  }

  async send(file) {
    if (!file.size) throw new Error('empty');
    return file.name;
  }
}

module.exports = { UploadQueue, memo, retry };
