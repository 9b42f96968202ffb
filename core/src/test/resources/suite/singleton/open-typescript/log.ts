export class PortLog {
  private static instance?: PortLog;
  private lines: string[] = [];

  static get(): PortLog {
    if (!PortLog.instance) {
      PortLog.instance = new PortLog();
    }
    return PortLog.instance;
  }

  note(line: string): void {
    this.lines.push(line);
  }

  size(): number {
    return this.lines.length;
  }
}
