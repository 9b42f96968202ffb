export interface LockJob {
  run(): void;
}

export class Gate {
  private isOpen = false;
  open(): void {
    this.isOpen = true;
  }
}

export class Chamber {
  private level = 0;
  fillTo(level: number): void {
    this.level = level;
  }
}

export class OpenGate implements LockJob {
  constructor(private readonly gate: Gate) {}
  run(): void {
    this.gate.open();
  }
}

export class FillChamber implements LockJob {
  constructor(private readonly chamber: Chamber, private readonly level: number) {}
  run(): void {
    this.chamber.fillTo(this.level);
  }
}

export class JobQueue {
  private waiting: LockJob[] = [];

  put(job: LockJob): void {
    this.waiting.push(job);
  }

  take(): LockJob | undefined {
    return this.waiting.shift();
  }
}

export class LockKeeper {
  constructor(private readonly queue: JobQueue) {}

  workOff(): void {
    let job = this.queue.take();
    while (job) {
      job.run();
      job = this.queue.take();
    }
  }
}
