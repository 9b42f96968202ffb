class HarbourLog {
  constructor() {
    this.lines = [];
  }

  write(line) {
    this.lines.push(line);
  }
}

module.exports = new HarbourLog();
