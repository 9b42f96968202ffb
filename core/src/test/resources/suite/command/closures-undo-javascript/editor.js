export class Chart {
  constructor() {
    this.marks = new Map();
  }

  put(id, text) {
    this.marks.set(id, text);
  }

  drop(id) {
    this.marks.delete(id);
  }
}

class PutMark {
  constructor(chart, id, text) {
    this.chart = chart;
    this.id = id;
    this.text = text;
  }

  run() {
    this.chart.put(this.id, this.text);
  }

  revert() {
    this.chart.drop(this.id);
  }
}

class DropMark {
  constructor(chart, id) {
    this.chart = chart;
    this.id = id;
    this.text = undefined;
  }

  run() {
    this.text = this.chart.marks.get(this.id);
    this.chart.drop(this.id);
  }

  revert() {
    this.chart.put(this.id, this.text);
  }
}

export class Editor {
  #done = [];
  #undone = [];

  constructor(chart) {
    this.chart = chart;
  }

  mark(id, text) {
    this.#perform(new PutMark(this.chart, id, text));
  }

  erase(id) {
    this.#perform(new DropMark(this.chart, id));
  }

  undo() {
    const command = this.#done.pop();
    if (command) {
      command.revert();
      this.#undone.push(command);
    }
  }

  redo() {
    const command = this.#undone.pop();
    if (command) {
      this.#perform(command);
    }
  }

  #perform(command) {
    command.run();
    this.#done.push(command);
  }
}
