package tariff

data class Stay(val days: Int, val metres: Int)

sealed interface Term {
    fun cents(stay: Stay): Long
}

data class Fixed(val amount: Long) : Term {
    override fun cents(stay: Stay) = amount
}

data object Days : Term {
    override fun cents(stay: Stay) = stay.days.toLong()
}

data object Metres : Term {
    override fun cents(stay: Stay) = stay.metres.toLong()
}

data class Plus(val left: Term, val right: Term) : Term {
    override fun cents(stay: Stay) = left.cents(stay) + right.cents(stay)
}

data class Times(val left: Term, val right: Term) : Term {
    override fun cents(stay: Stay) = left.cents(stay) * right.cents(stay)
}

operator fun Term.plus(other: Term): Term = Plus(this, other)
operator fun Term.times(other: Term): Term = Times(this, other)

fun main() {
    val summer = Fixed(900) + Days * Metres * Fixed(14)
    println(summer.cents(Stay(3, 12)))
}
