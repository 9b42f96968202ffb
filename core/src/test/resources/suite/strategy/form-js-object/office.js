import { Cashier, byWeight, flat } from "./cashier.js";
export class Office {
  constructor() { this.cashier = new Cashier({ w: byWeight, f: flat }); }
  day() { return this.cashier.bill("w", 3) + this.cashier.bill("f", 2); }
}
