export interface Tariff {
  priceFor(tons: number): number;
  title(): string;
}

export class HarbourDues implements Tariff {
  priceFor(tons: number): number {
    return tons * 0.35;
  }
  title(): string {
    return "harbour dues";
  }
}

export class PilotDues implements Tariff {
  priceFor(tons: number): number {
    return 120 + tons * 0.05;
  }
  title(): string {
    return "pilot dues";
  }
}

export class NightTariff implements Tariff {
  constructor(private readonly day: Tariff) {}
  priceFor(tons: number): number {
    return this.day.priceFor(tons) * 1.5;
  }
  title(): string {
    return this.day.title() + " at night";
  }
}

export class RoundedDues implements Tariff {
  constructor(private readonly dues: HarbourDues) {}
  priceFor(tons: number): number {
    return Math.ceil(this.dues.priceFor(tons));
  }
  title(): string {
    return `${this.dues.title()}, rounded`;
  }
}
