export interface TideGauge {
  metres(): number;
  rising(): boolean;
}

export class OldTideTable {
  centimetres = 0;
  private before = 0;

  get trend(): string {
    return this.centimetres > this.before ? "up" : "down";
  }

  note(row: number): void {
    this.before = this.centimetres;
    this.centimetres = row;
  }
}

export class TableGauge implements TideGauge {
  constructor(private readonly table: OldTideTable) {}

  metres(): number {
    return this.table.centimetres / 100;
  }

  rising(): boolean {
    return this.table.trend === "up";
  }
}

export function warn(gauge: TideGauge): string {
  return gauge.metres() > 4 && gauge.rising() ? "high water" : "";
}
