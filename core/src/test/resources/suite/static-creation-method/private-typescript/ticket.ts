export class Ticket {
  private constructor(readonly cents: number) {}
  static forAdult(): Ticket { return new Ticket(900); }
  static forChild(): Ticket { return new Ticket(450); }
}
export class Counter {
  sell(): number { return Ticket.forAdult().cents + Ticket.forChild().cents; }
}
