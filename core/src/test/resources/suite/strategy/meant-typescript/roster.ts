interface Priority { key(v: Arrival): number }
type Arrival = { quay: string; tons: number };
class Heaviest implements Priority { key(v: Arrival) { return -v.tons; } }
class ByQuay implements Priority { key(v: Arrival) { return v.quay.length; } }
class Roster {
  private arrivals: Arrival[] = [];
  constructor(private priority: Priority) {}
  rank(r: Priority) { this.priority = r; }
  add(v: Arrival) { this.arrivals.push(v); }
  keys(): number[] { return this.arrivals.map(this.priority.key); }
}
const r = new Roster(new Heaviest()); r.rank(new ByQuay()); r.keys();
