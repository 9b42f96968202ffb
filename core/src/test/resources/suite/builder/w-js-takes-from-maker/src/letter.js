class Letter {
  constructor(writer) {
    this.to = writer.to;
    this.lines = [...writer.lines];
  }
}

class LetterWriter {
  constructor() {
    this.to = "";
    this.lines = [];
  }

  address(to) {
    this.to = to;
  }

  line(text) {
    this.lines.push(text);
  }

  finish() {
    return new Letter(this);
  }
}

module.exports = { LetterWriter };
