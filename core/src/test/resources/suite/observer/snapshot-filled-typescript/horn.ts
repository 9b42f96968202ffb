interface Hearer { blown(seconds: number): void; }

export class Horn {
  private hearers: Hearer[] = [];
  private blownFor = 0;
  add(hearer: Hearer) { this.hearers.push(hearer); }
  leave(hearer: Hearer) { this.hearers = this.hearers.filter((one) => one !== hearer); }
  blow(seconds: number) {
    this.blownFor += seconds;
    const now: Hearer[] = [];
    now.push(...this.hearers);
    for (const hearer of now) { hearer.blown(this.blownFor); }
  }
}
