export class Snapshot {
  constructor(private readonly lines: readonly string[], private readonly pen: string) {}

  restoreInto(target: { load(lines: readonly string[], pen: string): void }): void {
    target.load(this.lines, this.pen);
  }
}

export class Sketch {
  private lines: string[] = [];
  private pen = 'black';

  draw(line: string): void {
    this.lines.push(`${this.pen}:${line}`);
  }

  use(pen: string): void {
    this.pen = pen;
  }

  snapshot(): Snapshot {
    return new Snapshot([...this.lines], this.pen);
  }

  load(lines: readonly string[], pen: string): void {
    this.lines = [...lines];
    this.pen = pen;
  }

  restore(snapshot: Snapshot): void {
    snapshot.restoreInto(this);
  }
}
