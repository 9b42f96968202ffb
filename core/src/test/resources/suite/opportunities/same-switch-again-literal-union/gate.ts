type GateState = "open" | "closing" | "shut";

export class Gate {
  private state: GateState = "open";

  colour(): string {
    switch (this.state) {
      case "open":
        return "green";
      case "closing":
        return "amber";
      default:
        return "red";
    }
  }

  push(): void {
    if (this.state === "open") {
      this.state = "closing";
    } else if (this.state === "closing") {
      this.state = "shut";
    } else {
      this.state = "open";
    }
  }
}

const gate = new Gate();
gate.push();
console.log(gate.colour());
