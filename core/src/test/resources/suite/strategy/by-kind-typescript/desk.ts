export interface Fee {
  readonly kind: string;
  of(tons: number): number;
}

export class TugFee implements Fee {
  readonly kind = "tug";

  of(): number {
    return 80;
  }
}

export class FerryFee implements Fee {
  readonly kind = "ferry";

  of(tons: number): number {
    return tons * 2;
  }
}

export class Desk {
  private readonly fees = new Map<string, Fee>();

  constructor(all: Fee[]) {
    all.forEach((fee) => this.fees.set(fee.kind, fee));
  }

  bill(kind: string, tons: number): number {
    const fee = this.fees.get(kind);
    if (!fee) {
      throw new Error(`no fee for ${kind}`);
    }
    return fee.of(tons);
  }
}
