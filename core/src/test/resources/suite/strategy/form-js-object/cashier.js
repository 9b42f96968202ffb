export const byWeight = (tons) => tons * 3;
export const flat = () => 100;
export class Cashier {
  constructor(rules) { this.rules = rules; }
  bill(kind, tons) { return this.rules[kind](tons); }
}
