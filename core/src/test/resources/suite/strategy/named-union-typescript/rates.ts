export class ShortStay {
  cents(days: number): number {
    return days * 900;
  }
}

export class LongStay {
  constructor(private readonly first: number) {}

  cents(days: number): number {
    return this.first + days * 500;
  }
}

export type Rate = ShortStay | LongStay;
