const cues = new WeakMap();

export class Prompter {
  constructor() {
    cues.set(this, []);
  }

  enlist(light, curtain) {
    this.light = light;
    this.curtain = curtain;
    light.prompter = this;
    curtain.prompter = this;
  }

  report(who, what) {
    cues.get(this).push(what);
    if (who === this.curtain && what === 'open') {
      this.light.brighten();
    } else if (who === this.light && what === 'dark') {
      this.curtain.close();
    }
  }
}

export class Light {
  fade() {
    this.level = 0;
    this.prompter.report(this, 'dark');
  }

  brighten() {
    this.level = 10;
  }
}

export class Curtain {
  open() {
    this.up = true;
    this.prompter.report(this, 'open');
  }

  close() {
    this.up = false;
  }
}
