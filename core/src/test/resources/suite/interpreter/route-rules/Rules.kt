package aldera.rules

class Voyage(val cargo: String, val tons: Int, val flags: Set<String>)

interface Rule { fun holds(voyage: Voyage): Boolean }
class CargoIs(private val kind: String) : Rule { override fun holds(voyage: Voyage) = voyage.cargo == kind }
class HeavierThan(private val tons: Int) : Rule { override fun holds(voyage: Voyage) = voyage.tons > tons }
class Flagged(private val flag: String) : Rule { override fun holds(voyage: Voyage) = flag in voyage.flags }
class And(private val left: Rule, private val right: Rule) : Rule {
    override fun holds(voyage: Voyage) = left.holds(voyage) && right.holds(voyage)
}
class Not(private val rule: Rule) : Rule { override fun holds(voyage: Voyage) = !rule.holds(voyage) }

fun parse(words: List<String>): Rule = when (words.first()) {
    "not" -> Not(parse(words.drop(1)))
    "cargo" -> CargoIs(words[1])
    "over" -> HeavierThan(words[1].toInt())
    else -> Flagged(words.first())
}

fun main() {
    val rule: Rule = And(CargoIs("oil"), Not(Flagged("double-hull")))
    println(rule.holds(Voyage("oil", 900, setOf())))
}
