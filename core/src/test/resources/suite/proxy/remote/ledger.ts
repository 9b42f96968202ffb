export interface Ledger {
  balance(ship: string): Promise<number>;
  enter(ship: string, amount: number): Promise<void>;
}

export class BookLedger implements Ledger {
  private sums = new Map<string, number>();
  async balance(ship: string): Promise<number> {
    return this.sums.get(ship) ?? 0;
  }
  async enter(ship: string, amount: number): Promise<void> {
    this.sums.set(ship, (this.sums.get(ship) ?? 0) + amount);
  }
}

export class CountingLedger implements Ledger {
  private book?: BookLedger;
  asked = 0;

  async balance(ship: string): Promise<number> {
    this.asked++;
    return this.real().balance(ship);
  }
  async enter(ship: string, amount: number): Promise<void> {
    this.asked++;
    await this.real().enter(ship, amount);
  }
  private real(): BookLedger {
    return (this.book ??= new BookLedger());
  }
}

export class Office {
  constructor(private readonly ledger: Ledger) {}
  async settle(ship: string): Promise<void> {
    await this.ledger.enter(ship, -(await this.ledger.balance(ship)));
  }
}

void new Office(new CountingLedger()).settle("Sirena");
