export class Gate {
  open(visitor) {
    return `welcome ${visitor.name}`;
  }
}

export class LoggedGate {
  constructor(gate) {
    this.gate = gate;
  }

  open(visitor) {
    console.log("at the gate", visitor.name);
    return this.gate.open(visitor);
  }
}

export class CountedGate {
  #gate;
  #count = 0;

  constructor(gate) {
    this.#gate = gate;
  }

  open(visitor) {
    this.#count += 1;
    return `${this.#gate.open(visitor)} (${this.#count})`;
  }
}
