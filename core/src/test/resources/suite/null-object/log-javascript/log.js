class FileLog {
  constructor(path) { this.path = path; this.lines = []; }
  note(text) { this.lines.push(`${this.path}: ${text}`); }
  warn(text) { this.lines.push(`! ${text}`); }
  size() { return this.lines.length; }
}

class SilentLog {
  note() {}
  warn() {}
  size() { return 0; }
}

class Pilotage {
  constructor(log = new SilentLog()) { this.log = log; }
  guide(ship) {
    this.log.note(`guiding ${ship}`);
    if (ship.length > 20) this.log.warn('long name');
    return this.log.size();
  }
}

new Pilotage().guide('Doris');
new Pilotage(new FileLog('/var/log/pilot')).guide('Ondine');
