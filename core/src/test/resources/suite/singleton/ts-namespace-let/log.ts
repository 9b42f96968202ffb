class HarbourLog {
  private readonly lines: string[] = [];
  write(line: string): void {
    this.lines.push(line);
  }
  get size(): number {
    return this.lines.length;
  }
}

let log: HarbourLog | undefined;

export function harbourLog(): HarbourLog {
  log ??= new HarbourLog();
  return log;
}
