export class TugFee {
  get kind() {
    return "tug";
  }

  of() {
    return 80;
  }
}

export class FerryFee {
  get kind() {
    return "ferry";
  }

  of(tons) {
    return tons * 2;
  }
}

export class Desk {
  constructor(all) {
    this.fees = new Map(all.map((fee) => [fee.kind, fee]));
  }

  bill(kind, tons) {
    return this.fees.get(kind).of(tons);
  }
}

export const desk = new Desk([new TugFee(), new FerryFee()]);
