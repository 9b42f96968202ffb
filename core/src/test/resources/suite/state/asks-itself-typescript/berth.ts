export interface BerthState {
  arrive(berth: Berth, ship: string): void;
  leave(berth: Berth): void;
}

class Free implements BerthState {
  arrive(berth: Berth, ship: string): void {
    berth.ship = ship;
    berth.state = new Taken();
  }
  leave(): void { throw new Error("nobody is here"); }
}

class Taken implements BerthState {
  arrive(): void { throw new Error("taken"); }
  leave(berth: Berth): void {
    berth.ship = undefined;
    berth.state = new Free();
  }
}

export class Berth {
  state: BerthState = new Free();
  ship?: string;

  arrive(ship: string): void { this.state.arrive(this, ship); }

  leave(): void {
    if (this.state instanceof Free) return;
    this.state.leave(this);
  }

  colour(): string { return this.state instanceof Taken ? "red" : "green"; }
}
