type Job = () => void;
export class Winch { turns = 0; turn(by: number) { this.turns += by; } stop() { this.turns = 0; } }
export class JobQueue {
  private readonly waiting: Job[] = [];
  add(job: Job): this { this.waiting.push(job); return this; }
  runAll(): number {
    let count = 0;
    while (this.waiting.length > 0) {
      const job = this.waiting.shift()!;
      job();
      count++;
    }
    return count;
  }
}
export function shift(winch: Winch, queue: JobQueue) {
  queue.add(() => winch.turn(3)).add(() => winch.turn(-1)).add(() => winch.stop());
  return queue.runAll();
}
