class Steps(private var left: Int) : Iterator<Int> {
    override fun hasNext(): Boolean = left > 0
    override fun next(): Int = left--
}

class Countdown(private val from: Int) : Iterable<Int> {
    override fun iterator(): Iterator<Int> = Steps(from)
}

class Launch {
    fun run(countdown: Countdown) {
        for (n in countdown) println(n)
    }
}
