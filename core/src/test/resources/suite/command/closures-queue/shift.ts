export class Forklift {
  private boxes = 0;
  lift(n: number): void { this.boxes += n; }
  drop(): void { this.boxes = 0; }
}
type Task = () => void;
export class Shift {
  private tasks: Task[] = [];
  plan(task: Task): void { this.tasks.push(task); }
  run(): void {
    while (this.tasks.length > 0) {
      const task = this.tasks.shift()!;
      task();
    }
  }
}
export class Foreman {
  constructor(private shift: Shift, private forklift: Forklift) {}
  morning(): void {
    this.shift.plan(() => this.forklift.lift(4));
    this.shift.plan(() => this.forklift.drop());
    this.shift.run();
  }
}
