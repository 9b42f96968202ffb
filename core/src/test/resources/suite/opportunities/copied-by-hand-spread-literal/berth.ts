export class Berth {
  private bookings: string[] = [];

  constructor(
    readonly name: string,
    readonly length: number,
  ) {}

  book(ship: string): void {
    this.bookings.push(ship);
  }

  count(): number {
    return this.bookings.length;
  }
}

export class QuayPlan {
  twin(berth: Berth): Berth {
    return new Berth(berth.name, berth.length);
  }
}

const berth = new Berth("east", 40);
berth.book("Ana");
console.log(new QuayPlan().twin(berth).count());
