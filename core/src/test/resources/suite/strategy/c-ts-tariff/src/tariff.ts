export interface Tariff {
  readonly name: string;
  price(minutes: number): number;
}

export class FlatTariff implements Tariff {
  readonly name = 'flat';
  constructor(private readonly cents: number) {}
  price(): number {
    return this.cents;
  }
}

export class ByTheHour implements Tariff {
  readonly name = 'hourly';
  price(minutes: number): number {
    return Math.ceil(minutes / 60) * 250;
  }
}

export class NightTariff implements Tariff {
  readonly name = 'night';
  price(minutes: number): number {
    return minutes > 480 ? 900 : 600;
  }
}
