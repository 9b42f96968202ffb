export interface Job { run(context: Deck): void }
export class Deck { private wet = false; private lines = 0; hose() { this.wet = true; } stow(n: number) { this.lines += n; } }
export class Swab implements Job { run(deck: Deck): void { deck.hose(); } }
export class Coil implements Job { constructor(private n: number) {} run(deck: Deck): void { deck.stow(this.n); } }
export class Bosun {
  private jobs: Job[] = [];
  private swabs: Swab[] = [];
  plan(job: Job): void { this.jobs.push(job); }
  planSwab(job: Swab): void { this.swabs.push(job); }
  turnTo(deck: Deck): void {
    for (let job = this.jobs.shift(); job; job = this.jobs.shift()) job.run(deck);
    this.swabs.forEach((s) => s.run(deck));
  }
}
export function day(): void { const b = new Bosun(); b.plan(new Coil(3)); b.planSwab(new Swab()); b.turnTo(new Deck()); }
