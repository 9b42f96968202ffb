class Tariff(private val cents: Int) {
    fun of(tons: Int): Int = if (tons > 3) cents * tons else cents
}

class Office {
    fun charge() = Tariff(30).of(4)
}
