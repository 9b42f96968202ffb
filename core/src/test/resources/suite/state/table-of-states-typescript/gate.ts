type Name = "shut" | "opening" | "open";

interface GateState {
  push(gate: Gate): void;
  label(): string;
}

class Shut implements GateState {
  push(gate: Gate): void {
    gate.become("opening");
  }

  label(): string {
    return "shut";
  }
}

class Opening implements GateState {
  push(gate: Gate): void {
    gate.become("open");
  }

  label(): string {
    return "opening";
  }
}

class Open implements GateState {
  push(gate: Gate): void {
    gate.become("shut");
  }

  label(): string {
    return "open";
  }
}

export class Gate {
  private readonly states: Record<Name, GateState> = {
    shut: new Shut(),
    opening: new Opening(),
    open: new Open(),
  };
  private current: GateState = this.states.shut;

  become(name: Name): void {
    this.current = this.states[name];
  }

  push(): void {
    this.current.push(this);
  }

  label(): string {
    return this.current.label();
  }
}
