class Job { run() { throw new Error('none'); } get weight() { return 1; } }
class Small extends Job { run() { return 1; } }
class Quay {
  #one = new Small();
  constructor() {
    this.made = new Small();
    this.list = [new Small()];
    this.map = new Map([['a', new Small()]]);
    this.rec = { a: new Small() };
    this.set = new Set();
    this.set.add(new Small());
    this.lists = {};
    this.pairs = [['a', new Small()]];
    this.state = { job: new Small(), list: [new Small()] };
    this.byId = new Map();
    this.groups = new Map();
  }
  put(id) { this.byId.set(id, new Small()); (this.lists[id] = this.lists[id] || []).push(new Small()); }
  group(id) { if (!this.groups.has(id)) this.groups.set(id, []); this.groups.get(id).push(new Small()); }
  a1() { this.#one.run(); }
  a2() { this.made?.run(); }
  a3() { if (this.made) this.made.run(); }
  a4() { const { made } = this; made.run(); }
  a5() { const self = this; return function () { self.made.run(); }; }
  a6() { this.list.forEach((j) => j.run()); }
  a7() { for (const j of this.list) j.run(); }
  a8() { for (let i = 0, n = this.list.length; i < n; i++) this.list[i].run(); }
  a9() { for (const i in this.list) this.list[i].run(); }
  b1() { this.list.filter((j) => j.weight > 2).map((j) => j.run()); }
  b2() { this.map.get('a').run(); }
  b3() { for (const [k, j] of this.map) j.run(); }
  b4() { for (const j of this.map.values()) j.run(); }
  b5() { this.map.forEach((j) => j.run()); }
  b6() { this.rec.a.run(); }
  b7() { Object.values(this.rec).forEach((j) => j.run()); }
  b8() { for (const k of Object.keys(this.rec)) this.rec[k].run(); }
  b9() { for (const [k, j] of Object.entries(this.rec)) j.run(); }
  c1() { this.set.forEach((j) => j.run()); }
  c2() { this.pairs.forEach(([k, j]) => j.run()); }
  c3() { this.state.job.run(); }
  c4() { this.state.list.forEach((j) => j.run()); }
  c5() { this.byId.get(1)?.run(); }
  c6() { (this.lists[1] || []).forEach((j) => j.run()); }
  c7() { for (const j of this.lists[1] ?? []) j.run(); }
  c8() { this.groups.get(1).forEach((j) => j.run()); }
  c9() { const g = this.groups.get(1); if (g) g.slice().forEach((j) => j.run()); }
  d1() { let j; while ((j = this.list.shift())) j.run(); }
  d2() { const [first] = this.list; first.run(); }
  d3() { this.list.slice(-1)[0].run(); }
  d4() { [].concat(this.list).forEach((j) => j.run()); }
  d5() { this.list.reduce((p, j) => p.then(() => j.run()), Promise.resolve()); }
  d6() { Promise.all(this.list.map((j) => j.run())); }
  d7() { this.list.find((j) => j.weight)?.run(); }
  d9() { this.list.forEach(function (j) { j.run(); }, this); }
  e1() { Array.from(this.set).forEach((j) => j.run()); }
  e2() { [...this.set].forEach((j) => j.run()); }
  e3() { for (const j of [...this.list, this.made]) j.run(); }
  e4() { var i = this.list.length; while (i--) { this.list[i].run(); } }
  e5() { (this.made || this.list[0]).run(); }
  e6() { this.made && this.made.run(); }
  e7() { setTimeout(() => this.made.run(), 1); }
  e8() { setTimeout(function () { this.made.run(); }.bind(this), 1); }
  f1() { const list = this.list; const n = list.length; for (let i = 0; i < n; i++) { const j = list[i]; j.run(); } }
  f2() { this.list.toSorted().forEach((j) => j.run()); }
  f3() { Object.assign([], this.list).forEach((j) => j.run()); }
}
module.exports = Quay;
