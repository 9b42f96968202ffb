class Position {
  constructor(moves, score) {
    this.moves = moves;
    this.score = score;
  }

  bump(points) {
    this.score += points;
  }
}

class Puzzle {
  constructor() {
    this.moves = [];
    this.score = 0;
  }

  move(piece) {
    this.moves.push(piece);
    this.score += 1;
  }

  mark() {
    return new Position([...this.moves], this.score);
  }

  returnTo(position) {
    this.moves = [...position.moves];
    this.score = position.score;
  }
}

module.exports = { Puzzle };
