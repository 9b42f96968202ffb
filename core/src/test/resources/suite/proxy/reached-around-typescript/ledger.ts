export interface Ledger {
  entry(id: string): string | undefined;
  write(id: string, text: string): void;
}

export class PaperLedger implements Ledger {
  private readonly pages = new Map<string, string>();
  entry(id: string): string | undefined { return this.pages.get(id); }
  write(id: string, text: string): void { this.pages.set(id, text); }
}

export class GuardedLedger implements Ledger {
  constructor(private readonly ledger: PaperLedger, private readonly mayWrite: () => boolean) {}

  entry(id: string): string | undefined { return this.ledger.entry(id); }

  write(id: string, text: string): void {
    if (!this.mayWrite()) throw new Error("only the purser writes");
    this.ledger.write(id, text);
  }

  pagesWritten(): number { return 0; }
}
