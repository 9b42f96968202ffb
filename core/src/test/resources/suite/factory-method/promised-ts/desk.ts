export interface Slip { text(): string; }
class BulkSlip implements Slip { text() { return 'bulk'; } }
class TankSlip implements Slip { text() { return 'tank'; } }
export abstract class Desk {
  protected abstract open(): Promise<Slip>;
  async book(): Promise<string> { const slip = await this.open(); return slip.text(); }
}
export class BulkDesk extends Desk { protected async open() { return new BulkSlip(); } }
export class TankDesk extends Desk { protected open(): Promise<Slip> { return Promise.resolve(new TankSlip()); } }
