export interface Logger {
  info(text: string): void;
  warn(text: string): void;
  enabled(): boolean;
}

export class ConsoleLogger implements Logger {
  constructor(private readonly prefix: string) {}
  info(text: string): void {
    console.log(this.prefix, text);
  }
  warn(text: string): void {
    console.warn(this.prefix, text);
  }
  enabled(): boolean {
    return true;
  }
}

export const noLogger: Logger = {
  info() {},
  warn() {},
  enabled: () => false,
};
