import { Board } from "./board.js"
import { wiping, writing } from "./commands.js"

const board = new Board()
board.run(writing(board, "ferry late"))
board.run(wiping(board))
board.undo()
console.log(board.lines)
