class Gauges(private val levels: Map<String, Int>) {
    fun level(name: String) = levels[name] ?: 0
}

sealed interface Term {
    fun eval(gauges: Gauges): Int
}

class Number(private val n: Int) : Term {
    override fun eval(gauges: Gauges): Int = n
}

class Reading(private val name: String) : Term {
    override fun eval(gauges: Gauges): Int = gauges.level(name)
}

class Plus(private val left: Term, private val right: Term) : Term {
    override fun eval(gauges: Gauges): Int = left.eval(gauges) + right.eval(gauges)
}

class Alarm {
    fun high(term: Term, gauges: Gauges) = term.eval(gauges) > 9
}
