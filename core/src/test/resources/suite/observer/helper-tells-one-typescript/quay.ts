export interface BargeWatch {
  moored(barge: string): void;
}

function tell(watch: BargeWatch, barge: string): void {
  try {
    watch.moored(barge);
  } catch (e) {
    console.error(e);
  }
}

export class Quay {
  private watches = new Set<BargeWatch>();

  join(watch: BargeWatch): void {
    this.watches.add(watch);
  }

  leave(watch: BargeWatch): void {
    this.watches.delete(watch);
  }

  moor(barge: string): void {
    for (const watch of this.watches) {
      tell(watch, barge);
    }
  }
}

export class Ledger implements BargeWatch {
  private count = 0;
  moored(barge: string): void {
    this.count++;
  }
}

export class Lamp implements BargeWatch {
  shown = "";
  moored(barge: string): void {
    this.shown = barge;
  }
}
