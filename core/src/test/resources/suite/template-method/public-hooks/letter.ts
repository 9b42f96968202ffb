export abstract class Letter {
  write(): string { return `${this.greeting()} ${this.body()} ${this.closing()}`; }
  greeting(): string { return 'Dear captain,'; }
  abstract body(): string;
  protected closing(): string { return 'Port of Aldera'; }
}
export class Reminder extends Letter {
  constructor(private days: number) { super(); }
  body(): string { return `your dues are ${this.days} days late.`; }
}
export class Welcome extends Letter {
  body(): string { return 'welcome.'; }
  write(): string { return super.write() + '!'; }
}
export function post(letters: Letter[]): string[] { return letters.map((letter) => letter.write()); }
