export class Money {
  constructor(readonly cents: number, readonly currency = "EUR") {}

  plus(other: Money): Money {
    if (other.currency !== this.currency) throw new Error("different currencies");
    return new Money(this.cents + other.cents, this.currency);
  }

  times(factor: number): Money {
    return new Money(Math.round(this.cents * factor), this.currency);
  }

  toString(): string {
    return `${(this.cents / 100).toFixed(2)} ${this.currency}`;
  }
}
