export interface Step {
  run(): void;
  undo(): void;
}

export class Ledger {
  private lines: string[] = [];
  write(line: string): void {
    this.lines.push(line);
  }
  strike(): void {
    this.lines.pop();
  }
}

export function writing(ledger: Ledger, line: string): Step {
  return {
    run: () => ledger.write(line),
    undo: () => ledger.strike(),
  };
}

export class Clerk {
  private done: Step[] = [];
  perform(step: Step): void {
    step.run();
    this.done.push(step);
  }
  regret(): void {
    this.done.pop()?.undo();
  }
}

const clerk = new Clerk();
clerk.perform(writing(new Ledger(), "arrived"));
clerk.regret();
