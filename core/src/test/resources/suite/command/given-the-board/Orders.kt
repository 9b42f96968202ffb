package harbour

fun interface Order {
    fun run(board: Board)
}

class Board {
    private val lines = mutableListOf<String>()
    fun write(line: String) {
        lines += line
    }
    fun wipe() = lines.clear()
}

class Announce(private val text: String) : Order {
    override fun run(board: Board) = board.write(text)
}

class Clear : Order {
    override fun run(board: Board) = board.wipe()
}

class Clerk(private val board: Board) {
    private val waiting = ArrayDeque<Order>()

    fun take(order: Order) {
        waiting.addLast(order)
    }

    fun work() {
        while (waiting.isNotEmpty()) {
            waiting.removeFirst().run(board)
        }
    }
}

fun main() {
    val clerk = Clerk(Board())
    clerk.take(Announce("ferry late"))
    clerk.take(Clear())
    clerk.work()
}
