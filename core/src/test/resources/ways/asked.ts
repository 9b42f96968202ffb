interface Job { kind: string }
class Big implements Job { kind = 'big'; run() {} }
class Quay {
  private jobs: Job[] = [];
  constructor(private one: Job) {}
  a1(j: Job) { if (j instanceof Big) j.run(); }
  a2() { if (this.one instanceof Big) this.one.run(); }
  a3() { for (const j of this.jobs) { if (j instanceof Big) { j.run(); } } }
  a4(j: Job) { if (!(j instanceof Big)) return; j.run(); }
  a5() { (this.one as Big).run(); }
  a6() { (<Big>this.one).run(); }
  a7(j: unknown) { if (j instanceof Big) { j.run(); } }
  a8() { this.jobs.filter((j): j is Big => j instanceof Big).forEach(j => j.run()); }
}
