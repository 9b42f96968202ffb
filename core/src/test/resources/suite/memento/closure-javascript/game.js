const { Board } = require('./board');

class Game {
  constructor() {
    this.board = new Board();
    this.past = [];
  }

  move(at) {
    this.past.push(this.board.save());
    this.board.place(at);
  }

  undo() {
    if (this.past.length > 0) {
      this.board.restore(this.past.pop());
    }
  }
}

module.exports = { Game };
