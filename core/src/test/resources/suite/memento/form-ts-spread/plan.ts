export interface State { readonly berth: string; readonly hour: number; }
export class Plan {
  private state: State = { berth: "", hour: 0 };
  move(to: string): void { this.state = { ...this.state, berth: to, hour: this.state.hour + 1 }; }
  save(): State { return this.state; }
  restore(state: State): void { this.state = state; }
}
export class Log {
  private past: State[] = [];
  note(plan: Plan): void { this.past.push(plan.save()); }
  undo(plan: Plan): void { const s = this.past.pop(); if (s) plan.restore(s); }
}
