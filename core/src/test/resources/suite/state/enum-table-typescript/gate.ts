interface GateState {
  readonly name: string;
  coin(gate: Gate): void;
  push(gate: Gate): void;
}

const locked: GateState = {
  name: 'locked',
  coin: (gate) => gate.become(open),
  push: (gate) => gate.refuse(),
};

const open: GateState = {
  name: 'open',
  coin: (gate) => gate.refund(),
  push(gate) {
    gate.count();
    gate.become(locked);
  },
};

export class Gate {
  private state: GateState = locked;
  private passed = 0;
  private refused = 0;
  private refunds = 0;

  coin(): void {
    this.state.coin(this);
  }

  push(): void {
    this.state.push(this);
  }

  become(next: GateState): void {
    this.state = next;
  }

  count(): void {
    this.passed++;
  }

  refuse(): void {
    this.refused++;
  }

  refund(): void {
    this.refunds++;
  }
}
