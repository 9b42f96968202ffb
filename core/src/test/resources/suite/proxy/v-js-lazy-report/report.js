class Report {
  constructor(rows) {
    this.rows = rows;
    this.sum = rows.reduce((sum, row) => sum + row.amount, 0);
  }

  total() { return this.sum; }
  lines() { return this.rows.map((row) => `${row.name} ${row.amount}`); }
}

class LazyReport {
  #report;
  #load;

  constructor(load) {
    this.#load = load;
  }

  #real() {
    this.#report ??= new Report(this.#load());
    return this.#report;
  }

  total() { return this.#real().total(); }
  lines() { return this.#real().lines(); }
}

function openReport(file, lazily = true) {
  const load = () => JSON.parse(require("fs").readFileSync(file, "utf8"));
  return lazily ? new LazyReport(load) : new Report(load());
}

module.exports = { openReport };
