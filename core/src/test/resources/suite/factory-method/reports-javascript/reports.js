class Report {
  add(line) { throw new Error('not here'); }
  text() { throw new Error('not here'); }
}

class PlainReport extends Report {
  lines = [];
  add(line) { this.lines.push(line); }
  text() { return this.lines.join('\n'); }
}

class TableReport extends Report {
  rows = 0;
  html = '';
  add(line) { this.rows += 1; this.html += `<tr><td>${line}</td></tr>`; }
  text() { return `<table>${this.html}</table>`; }
}

class Office {
  open() { throw new Error('each office opens its own'); }

  daily(ships) {
    const report = this.open();
    for (const ship of ships) {
      report.add(ship.name);
    }
    return report.text();
  }
}

class WatchOffice extends Office {
  open() { return new PlainReport(); }
}

class CustomsOffice extends Office {
  open() { return new TableReport(); }
}

exports.offices = [new WatchOffice(), new CustomsOffice()];
