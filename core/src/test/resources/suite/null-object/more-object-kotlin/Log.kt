package aldera.log

interface Log {
    fun write(line: String)
    fun lines(): List<String>
}

class FileLog : Log {
    private val all = mutableListOf<String>()
    override fun write(line: String) {
        all += line
    }
    override fun lines() = all.toList()
}

object NoLog : Log {
    override fun write(line: String) = Unit
    override fun lines() = emptyList<String>()
}

class Winch(private val log: Log = NoLog) {
    fun pull(metres: Int) = log.write("pulled $metres")
}

fun main() {
    Winch(FileLog()).pull(3)
    Winch().pull(4)
}
