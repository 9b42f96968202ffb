import { Sketch, Snapshot } from './drawing';

export class History {
  private readonly snapshots: Snapshot[] = [];

  constructor(private readonly sketch: Sketch) {}

  mark(): void {
    this.snapshots.push(this.sketch.snapshot());
  }

  undo(): void {
    const last = this.snapshots.pop();
    if (last) {
      this.sketch.restore(last);
    }
  }
}
