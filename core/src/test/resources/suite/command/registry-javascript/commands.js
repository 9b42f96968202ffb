export class OpenGate {
  constructor(gate) {
    this.gate = gate;
  }

  execute() {
    this.gate.open();
  }

  undo() {
    this.gate.close();
  }
}

export class SoundHorn {
  constructor(horn) {
    this.horn = horn;
  }

  execute() {
    this.horn.blow(3);
  }

  undo() {}
}
