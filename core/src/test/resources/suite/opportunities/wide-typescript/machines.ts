export interface OfficeMachine {
  print(text: string): void;
  scan(): string;
  fax(to: string): void;
}

export class BigMachine implements OfficeMachine {
  private jobs: string[] = [];
  print(text: string): void {
    this.jobs.push(text);
  }
  scan(): string {
    return this.jobs.join();
  }
  fax(to: string): void {
    this.jobs.push(`fax ${to}`);
  }
}

export class PlainPrinter implements OfficeMachine {
  private jobs: string[] = [];
  print(text: string): void {
    this.jobs.push(text);
  }
  scan(): string {
    throw new Error('cannot scan');
  }
  fax(_to: string): void {
    throw new Error('cannot fax');
  }
}
