import { ByTheHour, NightTariff, type Tariff } from './tariff';

export class BerthMeter {
  private tariff: Tariff = new ByTheHour();
  private minutes = 0;

  use(tariff: Tariff): void {
    this.tariff = tariff;
  }

  tick(minutes: number): void {
    this.minutes += minutes;
  }

  due(): number {
    if (this.tariff instanceof NightTariff) {
      return this.tariff.price(this.minutes) + 50;
    }
    return this.tariff.price(this.minutes);
  }
}
