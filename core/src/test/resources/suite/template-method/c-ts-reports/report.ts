export abstract class Report {
  publish(day: Date): string {
    const rows = this.rows(day);
    const body = rows.map(row => this.line(row)).join('\n');
    return `${this.heading(day)}\n${body}\n${this.footer()}`;
  }
  protected abstract rows(day: Date): string[][];
  protected abstract heading(day: Date): string;
  protected line(row: string[]): string {
    return row.join('\t');
  }
  protected footer(): string {
    return 'port of Aldera';
  }
}

export class ArrivalReport extends Report {
  constructor(private readonly ships: Map<string, Date>) {
    super();
  }
  protected rows(day: Date): string[][] {
    return [...this.ships].filter(([, at]) => at.getDate() === day.getDate()).map(([name, at]) => [name, at.toISOString()]);
  }
  protected heading(): string {
    return 'Arrivals';
  }
}

export class DuesReport extends Report {
  private readonly dues: [string, number][] = [];
  add(ship: string, cents: number): void {
    this.dues.push([ship, cents]);
  }
  protected rows(): string[][] {
    return this.dues.map(([ship, cents]) => [ship, (cents / 100).toFixed(2)]);
  }
  protected heading(day: Date): string {
    return `Dues until ${day.toDateString()}`;
  }
  override publish(day: Date): string {
    return super.publish(day) + '\nconfidential';
  }
}
