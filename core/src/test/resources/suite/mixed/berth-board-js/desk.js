import { Board } from './board.js';

class Desk {
  constructor(board) {
    this.lines = [];
    board.on('moored', (berth, ship) => this.lines.push(`${ship} at ${berth}`));
    board.on('left', (berth) => this.lines.push(`${berth} free`));
  }
}

const board = new Board();
const desk = new Desk(board);
board.moor(4, 'Rosa', 'blue');
board.moor(5, 'Marta', 'blue');
board.leave(4);
for (const [berth, ship] of board) {
  console.log(berth, ship, desk.lines.length);
}
