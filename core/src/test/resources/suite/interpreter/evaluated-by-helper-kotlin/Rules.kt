package rules

class Berth(val depth: Int, val free: Boolean)

interface Rule {
    fun holds(berth: Berth): Boolean
}

class DeepEnough(private val draught: Int) : Rule {
    override fun holds(berth: Berth) = berth.depth >= draught
}

class IsFree : Rule {
    override fun holds(berth: Berth) = berth.free
}

class Both(private val left: Rule, private val right: Rule) : Rule {
    override fun holds(berth: Berth) = check(left, berth) && check(right, berth)
}

class Not(private val rule: Rule) : Rule {
    override fun holds(berth: Berth) = !check(rule, berth)
}

private fun check(rule: Rule, berth: Berth): Boolean = rule.holds(berth)

fun fits(berth: Berth) = Both(DeepEnough(6), Not(IsFree())).holds(berth)
