interface Pilot {
    val isNone: Boolean get() = false
    fun board(ship: String)
    fun fee(tons: Int): Int
}

class HarbourPilot(private val name: String) : Pilot {
    override fun board(ship: String) = println("$name boards $ship")
    override fun fee(tons: Int) = 100 + tons / 10
}

object NoPilot : Pilot {
    override val isNone = true
    override fun board(ship: String) {}
    override fun fee(tons: Int) = 0
}

class Arrival(private val pilot: Pilot = NoPilot) {
    fun arrive(ship: String): Int {
        pilot.board(ship)
        return pilot.fee(400)
    }
}
