export interface Tariff { fee(tons: number): number; }
export class ByWeight implements Tariff { fee(tons: number): number { return tons * 3; } }
export class Flat implements Tariff { fee(): number { return 100; } }
export class Cashier {
  private readonly tariffs = new Map<string, Tariff>();
  use(kind: string, tariff: Tariff): this { this.tariffs.set(kind, tariff); return this; }
  bill(kind: string, tons: number): number {
    const tariff = this.tariffs.get(kind);
    if (!tariff) throw new Error(kind);
    return tariff.fee(tons);
  }
}
