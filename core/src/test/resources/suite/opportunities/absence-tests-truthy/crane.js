class LiftLog {
  note(text) {
    console.log(text);
  }
}

class Crane {
  constructor(log) {
    this.log = log;
    this.load = 0;
  }

  lift(tonnes) {
    this.load = tonnes;
    if (this.log) {
      this.log.note("lift " + tonnes);
    }
  }

  swing() {
    this.log && this.log.note("swing");
  }

  drop() {
    this.load = 0;
    this.log?.note("drop");
  }
}

new Crane(new LiftLog()).lift(2);
new Crane(null).swing();
