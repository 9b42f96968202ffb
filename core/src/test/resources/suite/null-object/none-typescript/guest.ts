export interface Guest { name(): string; charge(cents: number): void; }
export class Member implements Guest {
  private sum = 0;
  constructor(private who: string) {}
  name(): string { return this.who; }
  charge(cents: number): void { this.sum += cents; }
}
export class Nobody implements Guest {
  name(): string { return ""; }
  charge(cents: number): void {}
}
export class Hotel {
  private guests = new Map<string, Guest>();
  find(who: string): Guest { return this.guests.get(who) ?? new Nobody(); }
  bill(who: string): void { this.find(who).charge(900); }
}
