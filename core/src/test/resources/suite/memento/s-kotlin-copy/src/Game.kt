package chess

class Board {
    private val pieces = mutableMapOf<String, Char>()
    private var turn = 'w'
    private var clock = 0

    data class Position internal constructor(
        internal val pieces: Map<String, Char>,
        internal val turn: Char,
        internal val clock: Int,
    )

    fun move(from: String, to: String) {
        pieces[to] = pieces.remove(from) ?: error("nothing on $from")
        turn = if (turn == 'w') 'b' else 'w'
        clock++
    }

    fun position() = Position(pieces.toMap(), turn, clock)

    fun back(to: Position) {
        pieces.clear()
        pieces.putAll(to.pieces)
        turn = to.turn
        clock = to.clock
    }
}

class Game(private val board: Board) {
    private val played = ArrayDeque<Board.Position>()

    fun play(from: String, to: String) {
        played.addLast(board.position())
        board.move(from, to)
    }

    fun takeBack() {
        board.back(played.removeLastOrNull() ?: return)
    }
}
