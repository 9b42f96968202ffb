class BoardState {
  #cells;
  #turn;

  constructor(cells, turn) {
    this.#cells = cells;
    this.#turn = turn;
  }

  get cells() {
    return this.#cells;
  }

  get turn() {
    return this.#turn;
  }
}

class Board {
  constructor() {
    this.cells = {};
    this.turn = 'x';
  }

  place(at) {
    this.cells[at] = this.turn;
    this.turn = this.turn === 'x' ? 'o' : 'x';
  }

  save() {
    return new BoardState({ ...this.cells }, this.turn);
  }

  restore(state) {
    this.cells = { ...state.cells };
    this.turn = state.turn;
  }
}

module.exports = { Board };
