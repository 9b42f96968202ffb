class Timer {
  constructor() {
    this.waiting = [];
  }

  after(callback) {
    this.waiting.push(callback);
  }

  fire() {
    const due = this.waiting.shift();
    if (due) {
      due();
    }
  }
}

class Dial {
  constructor(timer) {
    this.timer = timer;
    this.tries = 0;
  }

  call() {
    const again = () => {
      this.tries += 1;
      if (this.tries < 3) {
        this.timer.after(again);
      }
    };
    this.timer.after(again);
  }
}

new Dial(new Timer()).call();
