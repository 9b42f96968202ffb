import { Chamber, FillChamber, Gate, JobQueue, LockKeeper, OpenGate } from "./lock";

export class Panel {
  constructor(private queue: JobQueue, private gate: Gate, private chamber: Chamber) {}

  letThrough(): void {
    this.queue.put(new FillChamber(this.chamber, 4));
    this.queue.put(new OpenGate(this.gate));
  }
}
