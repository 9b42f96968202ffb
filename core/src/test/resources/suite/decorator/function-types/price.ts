export type Price = (tons: number) => number;

export const plain: Price = (tons) => tons * 3;

export const withTax = (price: Price): Price => (tons) => price(tons) * 1.21;

export function rounded(price: Price): Price {
  return (tons) => Math.ceil(price(tons));
}
