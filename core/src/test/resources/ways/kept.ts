interface Job { run(): void; weight: number }
type Slot = { kind: 'empty' } | { kind: 'filled'; job: Job };
interface Holder { job?: Job; list: Job[] }
class Quay {
  private jobs: Job[] = [];
  private one?: Job;
  private maybe: Job | null = null;
  private byName = new Map<string, Job>();
  private record: Record<string, Job> = {};
  private idx: { [key: string]: Job } = {};
  private lists = new Map<string, Job[]>();
  private set = new Set<Job>();
  private pairs: [string, Job][] = [];
  private holder: Holder = { list: [] };
  private slot: Slot = { kind: 'empty' };
  private fn: () => Job = () => this.jobs[0];
  private soft?: WeakRef<Job>;
  private partial: Partial<Record<string, Job>> = {};
  private ro: ReadonlyArray<Job> = [];
  private later!: Promise<Job>;
  a1() { this.one?.run(); }
  a2() { if (this.one) this.one.run(); }
  a3() { if (!this.maybe) return; this.maybe.run(); }
  a4() { this.one!.run(); }
  a5() { const { one } = this; one?.run(); }
  a6() { const job = this.one ?? this.jobs[0]; job.run(); }
  a7() { const { jobs } = this; jobs.forEach(j => j.run()); }
  a8() { this.jobs.filter(j => j.weight > 3).forEach(j => j.run()); }
  a9() { this.jobs.find(j => j.weight > 3)?.run(); }
  b1() { for (const [i, j] of this.jobs.entries()) j.run(); }
  b2() { this.jobs.forEach((j, i) => { j.run(); }); }
  b3() { for (let i = 0; i < this.jobs.length; i++) { const j = this.jobs[i]; j.run(); } }
  b4() { this.byName.get('x')?.run(); }
  b5() { this.byName.forEach(j => j.run()); }
  b6() { this.byName.forEach((j, name) => j.run()); }
  b7() { for (const [name, j] of this.byName) j.run(); }
  b8() { for (const j of this.byName.values()) j.run(); }
  b9() { Array.from(this.byName.values()).forEach(j => j.run()); }
  c1() { [...this.byName.values()].forEach(j => j.run()); }
  c2() { for (const j of Object.values(this.record)) j.run(); }
  c3() { Object.keys(this.record).forEach(k => this.record[k].run()); }
  c4() { for (const k in this.idx) this.idx[k].run(); }
  c5() { Object.entries(this.record).forEach(([k, j]) => j.run()); }
  c6() { this.lists.get('x')?.forEach(j => j.run()); }
  c7() { (this.lists.get('x') ?? []).forEach(j => j.run()); }
  c8() { for (const j of this.lists.get('x') || []) j.run(); }
  c9() { this.set.forEach(j => j.run()); }
  d1() { for (const j of this.set) j.run(); }
  d2() { for (const [n, j] of this.pairs) j.run(); }
  d3() { this.pairs.forEach(([n, j]) => j.run()); }
  d4() { this.pairs[0][1].run(); }
  d5() { this.holder.job?.run(); }
  d6() { const { job } = this.holder; job?.run(); }
  d7() { this.holder.list.forEach(j => j.run()); }
  d8() { if (this.slot.kind === 'filled') this.slot.job.run(); }
  d9() { switch (this.slot.kind) { case 'filled': this.slot.job.run(); } }
  e1() { this.fn().run(); }
  e2() { this.soft?.deref()?.run(); }
  e3() { this.partial['x']?.run(); }
  e4() { this.ro.slice().forEach(j => j.run()); }
  e5() { [...this.jobs].reverse().forEach(j => j.run()); }
  e6() { let j; while ((j = this.jobs.shift())) j.run(); }
  e7() { let j: Job | undefined; while ((j = this.jobs.pop()) !== undefined) { j.run(); } }
  e8() { while (this.jobs.length) this.jobs.shift()!.run(); }
  e9() { const [first, ...rest] = this.jobs; first.run(); }
  f1() { const [, second] = this.jobs; second.run(); }
  f2() { this.jobs.at(-1)?.run(); }
  f3() { this.jobs.sort((a, b) => a.weight - b.weight)[0].run(); }
  f4() { this.jobs.reduce((a, b) => (a.weight > b.weight ? a : b)).run(); }
  async f5() { (await this.later).run(); }
  f6() { this.later.then(j => j.run()); }
  f7() { const self = this; setTimeout(function () { self.one!.run(); }, 1); }
  f8() { setTimeout(() => this.one?.run(), 1); }
  g1() { (this.one as Job).run(); }
  g2() { this.jobs.map(j => j).forEach(j => j.run()); }
  g3() { const list = this.jobs.slice(0, 2); for (const j of list) j.run(); }
  g4() { try { this.one!.run(); } finally { } }
  g5() { this.one && this.one.run(); }
  g6() { this.jobs.some(j => { j.run(); return true; }); }
  g7() { this.lists.forEach(list => list.forEach(j => j.run())); }
  g8() { this.jobs.flatMap(j => [j]).forEach(j => j.run()); }
}
