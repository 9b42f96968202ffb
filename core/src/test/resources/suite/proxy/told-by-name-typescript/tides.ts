export interface Tides { high(day: string): Promise<number>; range(day: string): Promise<number> }
export interface Wire { ask(what: string, told: unknown[]): Promise<any> }
export class TideTable implements Tides {
  private readonly rows = new Map<string, number>();
  async high(day: string) { return this.rows.get(day) ?? 0; }
  async range(day: string) { return 2; }
}
export class FarTides implements Tides {
  constructor(private readonly wire: Wire) {}
  async high(day: string) { return this.wire.ask('high', [day]); }
  async range(day: string) { return this.wire.ask('range', [day]); }
}
export class TideDesk {
  constructor(private readonly tides: Tides) {}
  async tell(day: string) { return `${await this.tides.high(day)} ${await this.tides.range(day)}`; }
}
