class Heaviest {
  compare(a, b) { return b.tons - a.tons; }
}
class ByQuay {
  compare(a, b) { return a.quay.localeCompare(b.quay); }
}
class Roster {
  #arrivals = [];
  constructor(priority) { this.priority = priority; }
  rank(r) { this.priority = r; }
  add(v) { this.#arrivals.push(v); }
  ordered() { return [...this.#arrivals].sort(this.priority.compare); }
}
const r = new Roster(new Heaviest());
r.rank(new ByQuay());
r.ordered();
