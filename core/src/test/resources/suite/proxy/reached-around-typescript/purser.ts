import { GuardedLedger, PaperLedger } from "./ledger";

export class Purser {
  private readonly guarded: GuardedLedger;
  constructor(private readonly onDuty: boolean) {
    this.guarded = new GuardedLedger(new PaperLedger(), () => this.onDuty);
  }
  note(id: string, text: string): void { this.guarded.write(id, text); }
}
