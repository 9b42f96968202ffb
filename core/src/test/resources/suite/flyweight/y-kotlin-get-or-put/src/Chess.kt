data class PieceKind(val name: String, val symbol: Char, val value: Int)

object PieceKinds {
    private val kinds = mutableMapOf<String, PieceKind>()

    fun get(name: String): PieceKind = kinds.getOrPut(name) {
        when (name) {
            "queen" -> PieceKind(name, 'Q', 9)
            "rook" -> PieceKind(name, 'R', 5)
            else -> PieceKind(name, 'P', 1)
        }
    }

    val size get() = kinds.size
}

class Piece(val kind: PieceKind, var square: String) {
    fun draw() = "${kind.symbol}$square"
}

class Board {
    private val pieces = mutableListOf<Piece>()

    fun place(name: String, square: String) {
        pieces += Piece(PieceKinds.get(name), square)
    }

    fun draw() = pieces.joinToString(" ") { it.draw() }
}

fun main() {
    val board = Board()
    for (file in 'a'..'h') board.place("pawn", "${file}2")
    board.place("queen", "d1")
    println(board.draw() + " with ${PieceKinds.size} kinds")
}
