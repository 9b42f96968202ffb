package aldera.board

interface Runner {
    val finished: Boolean
    fun clear()
    fun run()
}

class Board {
    private var shown = 0

    fun show(line: Int) {
        shown += line
    }

    fun runner(): Runner = BoardRunner(this)
}

class BoardRunner(private val board: Board) : Runner {
    private var stopped = false
    private val lines = listOf(1, 2, 3)
    private var line = 0

    override val finished: Boolean get() = line >= lines.size

    override fun clear() = print(line++)

    override fun run() {
        while (!finished && !stopped) {
            board.show(1)
        }
    }
}

class Desk(private val board: Board) {
    fun open() {
        val runner = board.runner()
        runner.run()
        if (!runner.finished) runner.clear()
    }
}
