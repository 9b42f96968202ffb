export interface Device {
  start(): void;
  stop(): void;
  print(text: string): void;
  scan(): string;
  dial(number: string): void;
}

export class DeskPrinter implements Device {
  private queue: string[] = [];
  private on = false;
  start(): void { this.on = true; }
  stop(): void { this.on = false; }
  print(text: string): void { if (this.on) this.queue.push(text); }
  scan(): string { throw new Error('not supported'); }
  dial(_number: string): void { throw new Error('not supported'); }
}

export class FaxMachine implements Device {
  private lines = 0;
  private last = '';
  start(): void { this.lines = 1; }
  stop(): void { this.lines = 0; }
  print(text: string): void { this.last = text; }
  scan(): string { return this.last; }
  dial(number: string): void { this.last = `${number} on ${this.lines}`; }
}

export class Scanner implements Device {
  private pages = 0;
  start(): void { this.pages = 0; }
  stop(): void {}
  print(): void {}
  scan(): string { return `page ${++this.pages}`; }
  dial(): void {}
}
