import { DayTariff, Tariff, Tariffs } from './tariffs';

export class Desk {
  private readonly tariffs = new Tariffs();

  due(kind: string, metres: number): number {
    const tariff: Tariff = this.tariffs.make(kind) ?? new DayTariff();
    return tariff.cents(metres);
  }
}

console.log(new Desk().due('year', 12));
