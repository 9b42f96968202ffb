export interface Payment {
  pay(cents: number): boolean;
  currency(): string;
}

export class CashPayment implements Payment {
  private drawer = 0;
  pay(cents: number): boolean { this.drawer += cents; return true; }
  currency(): string { return "EUR"; }
}

export class VoucherBook {
  private left = 12;
  redeem(cents: number): boolean {
    if (this.left <= 0) return false;
    this.left -= Math.ceil(cents / 100);
    return true;
  }
  currency(): string { return "voucher"; }
}

export class Till {
  take(payment: Payment, cents: number): string {
    return payment.pay(cents) ? payment.currency() : "refused";
  }
}
