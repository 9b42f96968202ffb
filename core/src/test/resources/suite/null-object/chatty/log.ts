export interface Journal { write(line: string): void; size(): number; }
export class FileJournal implements Journal {
  private lines: string[] = [];
  write(line: string): void { this.lines.push(line); }
  size(): number { return this.lines.length; }
}
export class NoJournal implements Journal {
  private ignored = 0;
  write(_line: string): void {}
  size(): number { return 0; }
}
export class Watch {
  constructor(private readonly journal: Journal | null = new NoJournal()) {}
  strike(bell: number): void {
    if (this.journal) this.journal.write(`bell ${bell}`);
  }
}
export const day = new Watch(new FileJournal());
export const night = new Watch();
