export class Numbers {
  private last = 0;
  constructor(private readonly prefix: string) {}
  next(): string { return `${this.prefix}${++this.last}`; }
}

export class Invoices {
  private readonly numbers = new Numbers("A");
  open(): string { return this.numbers.next(); }
}

export class Receipts {
  private readonly numbers = new Numbers("A");
  print(): string { return "receipt " + this.numbers.next(); }
}
