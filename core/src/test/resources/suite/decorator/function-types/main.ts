import { plain, Price, rounded, withTax } from "./price";

class Quote {
  constructor(private readonly price: Price) {}
  text(tons: number): string {
    return `${this.price(tons)} coins`;
  }
}

console.log(new Quote(rounded(withTax(plain))).text(12), new Quote(plain).text(3));
