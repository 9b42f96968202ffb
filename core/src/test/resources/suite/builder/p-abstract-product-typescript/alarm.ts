export abstract class Alarm {
  constructor(protected readonly hour: number, protected readonly days: string[]) {}

  abstract ring(): string;
}

class Buzzer extends Alarm {
  ring(): string {
    return `bzz at ${this.hour} on ${this.days.join()}`;
  }
}

export class AlarmBuilder {
  private hour = 7;
  private days: string[] = [];

  at(hour: number): this {
    this.hour = hour;
    return this;
  }

  on(day: string): this {
    this.days.push(day);
    return this;
  }

  build(): Alarm {
    return new Buzzer(this.hour, this.days);
  }
}
