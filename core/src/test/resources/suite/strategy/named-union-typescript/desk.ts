import { LongStay, Rate, ShortStay } from './rates';

export class BerthDesk {
  constructor(private rate: Rate) {}

  use(rate: Rate): void {
    this.rate = rate;
  }

  bill(days: number): string {
    return `${this.rate.cents(days)} cents`;
  }
}

const desk = new BerthDesk(new ShortStay());
desk.use(new LongStay(4000));
console.log(desk.bill(4));
