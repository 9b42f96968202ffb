export interface Endable {
  end(): void;
}

export interface Leash extends Endable {
  readonly name: string;
}

export type Ending = Mooring | Endable | (() => void) | void;

export class Mooring implements Leash {
  private endings: Exclude<Ending, void>[] | null = null;

  constructor(readonly name: string) {}

  add(ending: Ending): void {
    if (ending) {
      (this.endings = this.endings ?? []).push(ending);
    }
  }

  end(): void {
    const { endings } = this;
    if (endings) {
      this.endings = null;
      for (const ending of endings) {
        finish(ending);
      }
    }
  }
}

export class Rope implements Leash {
  private slack = 0;

  constructor(readonly name: string) {}

  end(): void {
    this.slack += 10;
  }
}

function finish(ending: Endable | (() => void)): void {
  if (typeof ending === 'function') {
    ending();
  } else {
    ending.end();
  }
}
