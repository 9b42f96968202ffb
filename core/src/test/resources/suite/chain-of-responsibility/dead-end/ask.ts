import { Approver } from './approvals';
export class Desk {
  constructor(private first: Approver) {}
  ask(cents: number, who: string): string { return this.first.approve({ cents, who }); }
}
