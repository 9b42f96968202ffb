'use strict';

class Crane {
  constructor() { this.height = 0; this.holding = null; }
  raise(metres) { this.height += metres; }
  grab(box) { this.holding = box; }
  letGo() { this.holding = null; }
}

class RaiseOrder {
  constructor(crane, metres) { this.crane = crane; this.metres = metres; }
  run() { this.crane.raise(this.metres); }
  takeBack() { this.crane.raise(-this.metres); }
}

class GrabOrder {
  constructor(crane, box) { this.crane = crane; this.box = box; }
  run() { this.crane.grab(this.box); }
  takeBack() { this.crane.letGo(); }
}

class OrderBook {
  constructor() { this.done = []; this.waiting = []; }
  add(order) { this.waiting.push(order); }
  work() {
    while (this.waiting.length > 0) {
      const order = this.waiting.shift();
      order.run();
      this.done.push(order);
    }
  }
  undo() {
    const order = this.done.pop();
    if (order) order.takeBack();
  }
}

const crane = new Crane();
const book = new OrderBook();
book.add(new RaiseOrder(crane, 12));
book.add(new GrabOrder(crane, 'B-771'));
book.work();
book.undo();
