export interface SignalState {
  readonly name: string;
  tick(signal: Signal): void;
  fault(signal: Signal): void;
}

export class Signal {
  private state: SignalState = new Red();
  private ticks = 0;

  change(state: SignalState): void {
    this.state = state;
  }

  tick(): void {
    this.ticks++;
    this.state.tick(this);
  }

  fault(): void {
    this.state.fault(this);
  }

  show(): string {
    return this.state.name;
  }
}

class Red implements SignalState {
  readonly name = 'red';
  tick(signal: Signal): void {
    signal.change(new Green());
  }
  fault(signal: Signal): void {
    signal.change(new Blinking());
  }
}

class Green implements SignalState {
  readonly name = 'green';
  tick(signal: Signal): void {
    signal.change(new Red());
  }
  fault(signal: Signal): void {
    signal.change(new Blinking());
  }
}

class Blinking implements SignalState {
  readonly name = 'blinking';
  tick(): void {}
  fault(): void {}
}
