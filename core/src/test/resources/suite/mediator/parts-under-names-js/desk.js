class Gate {
  constructor(desk) {
    this.desk = desk;
    this.shut = true;
  }

  knock() {
    this.desk.notify(this, 'knock');
  }

  open() {
    this.shut = false;
  }
}

class Scale {
  constructor(desk) {
    this.desk = desk;
    this.tonnes = 0;
  }

  weigh(tonnes) {
    this.tonnes = tonnes;
    this.desk.notify(this, 'weighed');
  }

  reset() {
    this.tonnes = 0;
  }
}

class Desk {
  constructor() {
    this.parts = { gate: new Gate(this), scale: new Scale(this) };
  }

  notify(sender, event) {
    if (event === 'knock') {
      this.parts.scale.reset();
    } else if (event === 'weighed') {
      this.parts.gate.open();
    }
  }
}

const desk = new Desk();
desk.parts.gate.knock();
desk.parts.scale.weigh(3);
