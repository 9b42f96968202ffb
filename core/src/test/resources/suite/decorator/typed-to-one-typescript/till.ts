import { HarbourDues, NightTariff, PilotDues, RoundedDues, Tariff } from "./prices";

export class Till {
  private sum = 0;
  charge(tariff: Tariff, tons: number): void {
    this.sum += tariff.priceFor(tons);
  }
}

const till = new Till();
till.charge(new NightTariff(new PilotDues()), 4000);
till.charge(new RoundedDues(new HarbourDues()), 900);
