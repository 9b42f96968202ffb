package aldera.boards

interface Script {
    fun letters(): String
    fun digits(): String
}

class Chalk : Script {
    override fun letters() = "chalk letters"
    override fun digits() = "chalk digits"
}

class Paint : Script {
    override fun letters() = "painted letters"
    override fun digits() = "painted digits"
}

abstract class Board(protected val script: Script) {
    abstract fun show(): String
}

class NameBoard(script: Script) : Board(script) {
    override fun show() = "name in ${script.letters()}"
}

class TideBoard(script: Script) : Board(script) {
    override fun show() = "tide in ${script.letters()} and ${script.digits()}"
}

fun main() {
    val boards = listOf(NameBoard(Chalk()), TideBoard(Paint()))
    boards.forEach { println(it.show()) }
}
