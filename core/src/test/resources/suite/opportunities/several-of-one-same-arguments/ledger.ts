export class LedgerFile {
  private lines: string[] = [];

  constructor(private readonly path: string) {}

  append(line: string): void {
    this.lines.push(this.path + ": " + line);
  }

  count(): number {
    return this.lines.length;
  }
}

export class TollBooth {
  private readonly ledger = new LedgerFile("/aldera/ledger");

  pass(ship: string): void {
    this.ledger.append("toll " + ship);
  }
}

export class CraneOffice {
  private readonly ledger: LedgerFile;

  constructor() {
    this.ledger = new LedgerFile("/aldera/ledger");
  }

  lift(ship: string): number {
    this.ledger.append("lift " + ship);
    return this.ledger.count();
  }
}

new TollBooth().pass("Ana");
console.log(new CraneOffice().lift("Ana"));
