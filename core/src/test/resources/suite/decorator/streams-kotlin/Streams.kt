package aldera.streams

interface Line {
    fun send(text: String)
    fun close()
}

class Cable(private val name: String) : Line {
    private val sent = mutableListOf<String>()
    override fun send(text: String) { sent += text }
    override fun close() { sent.clear() }
}

abstract class LineOver(protected val line: Line) : Line {
    override fun send(text: String) = line.send(text)
    override fun close() = line.close()
}

class Shouting(line: Line) : LineOver(line) {
    override fun send(text: String) = super.send(text.uppercase())
}

class Numbered(line: Line) : LineOver(line) {
    private var count = 0
    override fun send(text: String) {
        count++
        line.send("$count $text")
    }
}

fun main() {
    val line: Line = Numbered(Shouting(Cable("north")))
    line.send("fog")
    line.close()
}
