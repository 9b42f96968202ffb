package aldera.rates

interface Rates {
    fun of(ship: String): Int
}

open class Table : Rates {
    private val all = mutableMapOf<String, Int>()

    override fun of(ship: String): Int = all[ship] ?: 10

    fun put(ship: String, rate: Int) {
        all[ship] = rate
    }
}

class CountedTable : Table() {
    var asked = 0

    override fun of(ship: String): Int {
        asked++
        return super.of(ship)
    }
}

class Bill(private val rates: Rates) {
    fun total(ship: String, days: Int): Int = rates.of(ship) * days
}

class Office {
    fun bill(counted: Boolean): Int = Bill(if (counted) CountedTable() else Table()).total("Marea", 3)
}
