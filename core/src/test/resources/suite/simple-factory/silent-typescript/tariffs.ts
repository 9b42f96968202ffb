export abstract class Tariff {
  abstract cents(metres: number): number;
}

export class DayTariff extends Tariff {
  cents(metres: number): number {
    return metres * 90;
  }
}

export class YearTariff extends Tariff {
  cents(metres: number): number {
    return metres * 9000;
  }
}

export class Tariffs {
  make(kind: string): Tariff | undefined {
    switch (kind) {
      case 'day':
        return new DayTariff();
      case 'year':
        return new YearTariff();
    }
    return undefined;
  }
}
