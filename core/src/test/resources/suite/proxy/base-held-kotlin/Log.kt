interface Log {
    fun write(line: String)
    fun last(): String
}
class Book : Log {
    private var last = ""
    override fun write(line: String) { last = line }
    override fun last() = last
}
abstract class Guarding(protected val real: Log) : Log by real
class Keyed(real: Log) : Guarding(real) {
    var open = false
    override fun write(line: String) { if (open) real.write(line) }
}
fun note() { val log: Log = Keyed(Book())
    log.write("in") }
