interface Step {
  apply(): void;
  revert(): void;
}

class Ledger {
  private sum = 0;
  book(cents: number): void {
    this.sum += cents;
  }
  close(): number {
    const all = this.sum;
    this.sum = 0;
    return all;
  }
}

class Book implements Step {
  constructor(private readonly ledger: Ledger, private readonly cents: number) {}
  apply(): void {
    this.ledger.book(this.cents);
  }
  revert(): void {
    this.ledger.book(-this.cents);
  }
}

class Close implements Step {
  constructor(private readonly ledger: Ledger) {}
  apply(): void {
    this.ledger.close();
  }
  revert(): void {
    throw new Error('a closed ledger stays closed');
  }
}

class Clerk {
  private done: Step[] = [];
  private undone: Step[] = [];
  do(step: Step): void {
    step.apply();
    this.done.push(step);
    this.undone = [];
  }
  undo(): void {
    const step = this.done.pop();
    if (step) {
      step.revert();
      this.undone.push(step);
    }
  }
  redo(): void {
    const step = this.undone.pop();
    if (step) {
      step.apply();
      this.done.push(step);
    }
  }
}

const ledger = new Ledger();
const clerk = new Clerk();
clerk.do(new Book(ledger, 300));
clerk.do(new Close(ledger));
clerk.undo();
clerk.redo();
