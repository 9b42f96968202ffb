export class Schedule {
  private readonly jobs: Array<() => void> = [];

  add(job: () => void): void {
    this.jobs.push(job);
  }

  run(): void {
    while (this.jobs.length > 0) {
      const job = this.jobs.shift()!;
      job();
    }
  }
}

class Boom {
  private height = 0;
  up(by: number): void { this.height += by; }
  down(by: number): void { this.height -= by; }
}

const boom = new Boom();
const schedule = new Schedule();
schedule.add(() => boom.up(3));
schedule.add(() => boom.down(1));
schedule.run();
