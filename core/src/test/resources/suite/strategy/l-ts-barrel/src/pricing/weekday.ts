import type Pricing from './pricing';
export class Weekday implements Pricing {
  price(hours: number) { return hours * 3; }
}
