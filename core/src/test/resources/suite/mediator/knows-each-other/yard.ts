export interface Switchboard {
  tell(from: Desk, what: string): void;
}

export abstract class Desk {
  constructor(protected readonly board: Switchboard) {}
}

export class CraneDesk extends Desk {
  private lifted = 0;
  lift(): void {
    this.lifted++;
    this.board.tell(this, "lifted");
  }
  pause(): void {
    this.lifted = 0;
  }
}

export class TruckDesk extends Desk {
  private waiting = 3;
  crane?: CraneDesk;
  call(): void {
    this.waiting--;
    if (this.waiting === 0) {
      this.crane?.pause();
    }
    this.board.tell(this, "called");
  }
}

export class ScaleDesk extends Desk {
  readonly slips: string[] = [];
  weigh(what: string): void {
    this.slips.push(what);
    this.board.tell(this, "weighed");
  }
}

export class YardBoard implements Switchboard {
  crane!: CraneDesk;
  trucks!: TruckDesk;
  scale!: ScaleDesk;

  tell(from: Desk, what: string): void {
    if (from === this.crane) {
      this.trucks.call();
    } else if (from === this.trucks) {
      this.scale.weigh(what);
    } else if (what === "weighed") {
      this.crane.lift();
    }
  }
}
