export abstract class Report {
  print(rows: string[]): string {
    const parts = [this.head()];
    for (const row of rows) {
      parts.push(this.line(row));
    }
    if (this.signed()) parts.push("the master");
    return parts.join("\n");
  }

  abstract head(): string;
  abstract line(row: string): string;
  signed(): boolean { return false; }
}

export class CargoReport extends Report {
  head(): string { return "CARGO"; }
  line(row: string): string { return "- " + row; }
}

export class CrewReport extends Report {
  private count = 0;
  head(): string { return "CREW"; }
  line(row: string): string { return `${++this.count}. ${row}`; }
  signed(): boolean { return true; }
  print(rows: string[]): string {
    return rows.length === 0 ? "nobody" : "crew of " + rows.length;
  }
}
