const { Puzzle } = require('./puzzle');

class Player {
  constructor() {
    this.puzzle = new Puzzle();
    this.marks = [];
  }

  attempt(piece) {
    this.marks.push(this.puzzle.mark());
    this.puzzle.move(piece);
  }

  giveUp() {
    this.puzzle.returnTo(this.marks.pop());
  }
}

module.exports = { Player };
