interface HatchState {
  press(hatch: Hatch): void;
  readonly name: string;
}

class Closed implements HatchState {
  readonly name = "closed";
  press(hatch: Hatch): void {
    hatch.state = hatch.locked ? this : new Open();
  }
}

class Open implements HatchState {
  readonly name = "open";
  press(hatch: Hatch): void {
    hatch.state = new Closed();
  }
}

export class Hatch {
  state: HatchState = new Closed();
  constructor(readonly locked = false) {}
  press(): string {
    this.state.press(this);
    return this.state.name;
  }
}

console.log(new Hatch().press());
