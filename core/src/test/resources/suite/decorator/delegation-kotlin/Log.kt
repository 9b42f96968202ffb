interface Log {
    fun write(line: String)
    fun pages(): Int
}

class PaperLog : Log {
    private var lines = 0
    override fun write(line: String) {
        lines++
    }
    override fun pages(): Int = lines / 30
}

class StampedLog(private val log: Log) : Log by log {
    override fun write(line: String) {
        log.write("12:00 " + line)
    }
}

class Officer {
    fun note() = StampedLog(PaperLog()).write("calm")
}
