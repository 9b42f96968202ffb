export class Log {
  private static only: Log | undefined;
  static opened = 0;
  private lines: string[] = [];

  static get(): Log {
    if (!Log.only) {
      Log.only = new Log();
      Log.opened++;
    }
    return Log.only;
  }

  static fresh(): Log {
    return new Log();
  }

  write(line: string): void {
    this.lines.push(line);
  }
}
