type Postage = (grams: number) => number;

const tariffs = {
  letter: (grams) => (grams <= 20 ? 85 : 160),
  parcel: (grams) => 399 + Math.ceil(grams / 500) * 50,
} satisfies Record<string, Postage>;

export class Franking {
  private total = 0;

  constructor(private postage: Postage = tariffs.letter) {}

  use(kind: keyof typeof tariffs): void {
    this.postage = tariffs[kind];
  }

  frank(grams: number): number {
    const cents = this.postage(grams);
    this.total += cents;
    return cents;
  }
}
