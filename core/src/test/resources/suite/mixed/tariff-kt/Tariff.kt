package tariff

class Ship(val length: Int, val draught: Double, val flag: String)

sealed class Rule {
    abstract fun holds(ship: Ship): Boolean
}

class LongerThan(private val metres: Int) : Rule() {
    override fun holds(ship: Ship) = ship.length > metres
}

class Flag(private val flag: String) : Rule() {
    override fun holds(ship: Ship) = ship.flag == flag
}

class Both(private val left: Rule, private val right: Rule) : Rule() {
    override fun holds(ship: Ship) = left.holds(ship) && right.holds(ship)
}

class Not(private val rule: Rule) : Rule() {
    override fun holds(ship: Ship) = !rule.holds(ship)
}

class AnyOf(private vararg val rules: Rule) : Rule() {
    override fun holds(ship: Ship) = rules.any { it.holds(ship) }
}

class Toll private constructor(val cents: Long, val currency: String) {
    companion object {
        fun ofEuros(euros: Int) = Toll(euros * 100L, "EUR")

        fun parse(text: String): Toll {
            val (amount, currency) = text.split(" ")
            return Toll(amount.toLong(), currency)
        }
    }

    operator fun plus(other: Toll) = Toll(cents + other.cents, currency)
}
