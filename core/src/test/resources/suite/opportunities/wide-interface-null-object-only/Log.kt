package aldera.log

interface ShipLog {
    fun note(text: String)
    fun warn(text: String)
    fun size(): Int
}

class PaperLog : ShipLog {
    private val lines = mutableListOf<String>()
    override fun note(text: String) {
        lines += text
    }
    override fun warn(text: String) {
        lines += "!$text"
    }
    override fun size() = lines.size
}

class NoLog : ShipLog {
    override fun note(text: String) {}
    override fun warn(text: String) {}
    override fun size() = 0
}

class Bridge(private val log: ShipLog = NoLog()) {
    fun turn(degrees: Int): Int {
        log.note("turn $degrees")
        if (degrees > 90) log.warn("sharp")
        return log.size()
    }
}

fun main() = println(Bridge(PaperLog()).turn(4) + Bridge().turn(100))
