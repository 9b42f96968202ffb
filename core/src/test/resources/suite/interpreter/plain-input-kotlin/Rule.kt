package aldera.rules

interface Rule {
    fun holds(tons: Int): Boolean
}

class AtLeast(private val tons: Int) : Rule {
    override fun holds(tons: Int) = tons >= this.tons
}

class Both(private val left: Rule, private val right: Rule) : Rule {
    override fun holds(tons: Int) = left.holds(tons) && right.holds(tons)
}

class Not(private val rule: Rule) : Rule {
    override fun holds(tons: Int) = !rule.holds(tons)
}

fun main() {
    val rule = Both(AtLeast(10), Not(AtLeast(90)))
    println(rule.holds(40))
}
