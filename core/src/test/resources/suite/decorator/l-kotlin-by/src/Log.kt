package aldera.log

interface Journal {
    val size: Int
    fun write(line: String)
    fun last(): String?
}

class MemoryJournal : Journal {
    private val lines = mutableListOf<String>()
    override val size get() = lines.size
    override fun write(line: String) {
        lines += line
    }
    override fun last() = lines.lastOrNull()
}

class NumberedJournal(private val inner: Journal) : Journal by inner {
    override fun write(line: String) = inner.write("${inner.size + 1}. $line")
}

class LimitedJournal(private val inner: MemoryJournal, private val most: Int) : Journal by inner {
    override fun write(line: String) {
        inner.write(line.take(most))
    }
}

fun Journal.loud(): Journal = object : Journal by this {
    override fun write(line: String) {
        this@loud.write(line.uppercase())
    }
}
