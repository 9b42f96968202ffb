export class Shift {
  constructor() {
    this.waiting = [];
  }

  plan(task) {
    this.waiting.push(task);
  }

  start() {
    while (this.waiting.length) {
      const task = this.waiting.shift();
      task();
    }
  }
}
