export interface Keeper { opened(name: string): void; }
export class UpperGate {
  private shut = false;
  constructor(private keeper: Keeper) {}
  open(): void { this.shut = false; this.keeper.opened("upper"); }
  close(): void { this.shut = true; }
}
export class LowerGate {
  private shut = false;
  constructor(private keeper: Keeper) {}
  open(): void { this.shut = false; this.keeper.opened("lower"); }
  close(): void { this.shut = true; }
}
export class LockKeeper implements Keeper {
  private upper?: UpperGate;
  private lower?: LowerGate;
  mind(upper: UpperGate, lower: LowerGate): void { this.upper = upper; this.lower = lower; }
  opened(name: string): void {
    if (name === "upper") this.lower?.close();
    else this.upper?.close();
  }
}
