class Crane {
  lift() {
    this.up = true;
  }

  lower() {
    this.up = false;
  }
}

class Lift {
  constructor(crane) {
    this.crane = crane;
  }

  execute() {
    this.crane.lift();
  }
}

class Lower {
  constructor(crane) {
    this.crane = crane;
  }

  execute() {
    this.crane.lower();
  }
}

class Panel {
  constructor() {
    this.slots = {};
  }

  assign(name, command) {
    this.slots[name] = command;
  }

  press(name) {
    this.slots[name].execute();
  }
}

const crane = new Crane();
const panel = new Panel();
panel.assign('up', new Lift(crane));
panel.assign('down', new Lower(crane));
panel.press('up');
