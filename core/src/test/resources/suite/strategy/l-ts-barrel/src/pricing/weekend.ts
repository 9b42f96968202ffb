import type Pricing from './pricing';
export default class Weekend implements Pricing {
  #least = 10;
  price(hours: number) { return Math.max(this.#least, hours * 5); }
}
