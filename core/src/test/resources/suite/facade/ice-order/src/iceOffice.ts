import { IceStock } from './stock';
import { Billing, Bill } from './billing';
import { Conveyor } from './conveyor';

export class IceOffice {
  constructor(
    private readonly stock = new IceStock(),
    private readonly billing = new Billing(),
    private readonly conveyor = new Conveyor(),
  ) {}

  order(boat: string, tonnes: number): Bill | undefined {
    if (!this.stock.take(tonnes)) return undefined;
    this.conveyor.start();
    try {
      return this.billing.charge(boat, tonnes * 4500);
    } finally {
      this.conveyor.stop();
    }
  }
}
