package departure

class PilotDesk {
    fun order(ship: String): String = "pilot for $ship"
}

class TugPool {
    private var free = 3

    fun book(count: Int): Boolean {
        if (free < count) return false
        free -= count
        return true
    }
}

class TollOffice {
    private val bills = mutableListOf<String>()

    fun bill(ship: String, cents: Int) {
        bills += "$ship: $cents"
    }
}

class DepartureDesk(
    private val pilots: PilotDesk = PilotDesk(),
    private val tugs: TugPool = TugPool(),
    private val tolls: TollOffice = TollOffice(),
) {
    fun clear(ship: String, metres: Int): String {
        check(tugs.book(if (metres > 150) 2 else 1)) { "no tug is free" }
        tolls.bill(ship, metres * 140)
        return pilots.order(ship)
    }
}

fun main() {
    println(DepartureDesk().clear("Oria", 180))
}
