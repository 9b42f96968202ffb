const { Porter, Caretaker, Head } = require('./desks');

class School {
  constructor() {
    this.first = new Porter();
    this.first.setNext(new Caretaker()).setNext(new Head());
  }

  ask(topic) {
    return this.first.answer({ topic, urgent: false });
  }
}

console.log(new School().ask('heating'));
