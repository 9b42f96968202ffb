package aldera.notice

class Notice(private val heading: String, private val lines: List<String>) : Cloneable {
    private var pinned = false

    fun pin() {
        pinned = true
    }

    public override fun clone(): Notice = Notice("$heading (again)", lines)

    fun text() = heading + lines.joinToString() + pinned
}

class Board {
    private val notices = mutableListOf<Notice>()

    fun repeat(notice: Notice) {
        notices += notice.clone()
    }

    fun text() = notices.joinToString { it.text() }
}

fun main() {
    val board = Board()
    board.repeat(Notice("Fog", listOf("sound the horn")))
    println(board.text())
}
