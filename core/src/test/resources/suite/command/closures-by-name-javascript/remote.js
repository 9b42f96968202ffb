export class Winch {
  constructor() {
    this.turning = false;
  }

  start() {
    this.turning = true;
  }

  stop() {
    this.turning = false;
  }
}

export class Remote {
  constructor() {
    this.buttons = {};
  }

  assign(name, action) {
    this.buttons[name] = action;
  }

  press(name) {
    const action = this.buttons[name];
    if (action) {
      action();
    }
  }
}

const winch = new Winch();
const remote = new Remote();
remote.assign("green", () => winch.start());
remote.assign("red", () => winch.stop());
remote.press("green");
