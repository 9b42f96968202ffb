interface Ticket {
  price(): number;
}

class PlainTicket implements Ticket {
  price(): number {
    return 5;
  }
}

export class Booth {
  private sold: Ticket[] = [];

  sell(kind: string): void {
    if (kind === "plain") {
      this.sold.push(new PlainTicket());
    } else {
      throw new Error("unknown ticket " + kind);
    }
  }

  sum(): number {
    return this.sold.reduce((sum, ticket) => sum + ticket.price(), 0);
  }
}

const booth = new Booth();
booth.sell("plain");
console.log(booth.sum());
