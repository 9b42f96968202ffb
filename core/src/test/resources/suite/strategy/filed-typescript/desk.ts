export interface Fee {
  kind: string;
  of(tons: number): number;
}

export class TugFee implements Fee {
  kind = "tug";
  of(): number {
    return 80;
  }
}

export class FerryFee implements Fee {
  kind = "ferry";
  of(tons: number): number {
    return tons * 2;
  }
}

export class Desk {
  private readonly fees: Record<string, Fee>;

  constructor(all: Fee[]) {
    this.fees = Object.fromEntries(all.map((fee) => [fee.kind, fee]));
  }

  bill(kind: string, tons: number): number {
    return this.fees[kind].of(tons);
  }
}
