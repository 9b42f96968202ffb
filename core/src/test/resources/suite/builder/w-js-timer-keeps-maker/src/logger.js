class Timer {
  constructor(logger) {
    if (!logger) throw new Error("a timer needs a logger");
    this.logger = logger;
    this.start = Date.now();
  }

  done() {
    this.logger.write(`took ${Date.now() - this.start}`);
  }
}

class Logger {
  constructor() {
    this.lines = [];
    this.levels = [];
  }

  write(line) {
    this.lines.push(line);
  }

  allow(level) {
    this.levels.push(level);
  }

  startTimer() {
    return new Timer(this);
  }
}

module.exports = { Logger };
