export interface Tariff {
  cost(kilos: number, km: number): number;
}

class Van implements Tariff {
  cost(kilos: number, km: number): number {
    return 4 + kilos * 0.1 + km * 0.3;
  }
}

class Train implements Tariff {
  cost(kilos: number, km: number): number {
    return Math.max(9, km * 0.05);
  }
}

class Bike implements Tariff {
  cost(kilos: number): number {
    return kilos > 20 ? Infinity : 3;
  }
}

export class Quotes {
  private readonly tariffs = new Map<string, Tariff>([
    ['van', new Van()],
    ['train', new Train()],
    ['bike', new Bike()],
  ]);

  quote(by: string, kilos: number, km: number): number {
    const tariff = this.tariffs.get(by);
    if (!tariff) {
      throw new Error(`no tariff for ${by}`);
    }
    return tariff.cost(kilos, km);
  }
}
