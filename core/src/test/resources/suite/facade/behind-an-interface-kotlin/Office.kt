interface Office {
    fun bill(ship: String): Int
}

class Scales {
    private var weighed = 0
    fun weigh(ship: String): Int {
        weighed++
        return ship.length * 10
    }
}

class Tariffs {
    fun forTons(tons: Int): Int = tons * 3
}

class Ledger {
    private val lines = mutableListOf<String>()
    fun enter(ship: String, euros: Int) {
        lines += "$ship $euros"
    }
}

class PortOffice(private val scales: Scales, private val tariffs: Tariffs, private val ledger: Ledger) : Office {
    override fun bill(ship: String): Int {
        val euros = tariffs.forTons(scales.weigh(ship))
        ledger.enter(ship, euros)
        return euros
    }
}

class Broker(private val office: Office) {
    fun settle(ship: String) = println(office.bill(ship))
}

fun main() {
    Broker(PortOffice(Scales(), Tariffs(), Ledger())).settle("Marisol")
}
