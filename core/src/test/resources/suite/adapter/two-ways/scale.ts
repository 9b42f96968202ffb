export interface Scale { kilograms(crate: string): number; tare(): void }
export class ModernScale implements Scale { private zero = 0; kilograms(crate: string) { return crate.length - this.zero; } tare() { this.zero = 1; } }
export class PoundBalance { private offset = 0; pounds(label: string): number { return label.length * 2.2 - this.offset; } reset(): void { this.offset = 0; } }
export class BalanceScale implements Scale {
  constructor(private readonly balance: PoundBalance) {}
  kilograms(crate: string): number { return this.balance.pounds(crate) / 2.2046; }
  tare(): void { this.balance.reset(); }
}
export class Market { constructor(private readonly scale: Scale) {} sell(crate: string) { this.scale.tare(); return this.scale.kilograms(crate) * 4; } }
export const markets = [new Market(new ModernScale()), new Market(new BalanceScale(new PoundBalance()))];
