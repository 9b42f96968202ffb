class PortLog {
  constructor() {
    this.lines = [];
  }
  note(line) {
    this.lines.push(line);
  }
}

let kept = null;

function portLog() {
  if (!kept) {
    kept = new PortLog();
  }
  return kept;
}

module.exports = { portLog };
