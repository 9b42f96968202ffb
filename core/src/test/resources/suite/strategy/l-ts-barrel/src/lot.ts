import type Pricing from './pricing/pricing';
import { Weekend, WeekdayPricing } from './pricing';

export class Lot {
  private cars = new Map<string, number>();
  constructor(private pricing: Pricing) {}
  change(pricing: Pricing) { this.pricing = pricing; }
  enter(plate: string, at: number) { this.cars.set(plate, at); }
  leave(plate: string, at: number): number {
    const since = this.cars.get(plate) ?? at;
    this.cars.delete(plate);
    return this.pricing.price(at - since);
  }
}

const lot = new Lot(new WeekdayPricing());
lot.change(new Weekend());
