import { Job } from './job';

export class Backup extends Job<number> {
  constructor(private readonly weekday: number) {
    super();
  }

  protected override shouldRun(): boolean {
    return new Date().getDay() === this.weekday;
  }

  protected async execute(): Promise<number> {
    return 42;
  }
}

export class Cleanup extends Job<void> {
  protected async execute(): Promise<void> {
    console.log('clean');
  }

  protected override onDone(_result: void, millis: number): void {
    console.log('took', millis);
  }
}
