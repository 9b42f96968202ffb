export interface Bill { boat: string; cents: number }
export class Billing {
  private bills: Bill[] = [];
  charge(boat: string, cents: number): Bill {
    const bill = { boat, cents };
    this.bills.push(bill);
    return bill;
  }
}
