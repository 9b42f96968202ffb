package harbour

abstract class Clearance {
    abstract fun ask(ship: String, tons: Int): String
}

class CustomsClearance(private val after: QuarantineClearance?) : Clearance() {
    override fun ask(ship: String, tons: Int): String {
        if (tons == 0) return "$ship is empty"
        return after?.ask(ship, tons) ?: "cleared"
    }
}

class QuarantineClearance(private val after: Clearance?) : Clearance() {
    override fun ask(ship: String, tons: Int): String {
        if (ship.startsWith("Q")) return "wait outside"
        return after?.ask(ship, tons) ?: "cleared"
    }
}

class DraughtClearance : Clearance() {
    override fun ask(ship: String, tons: Int) = if (tons > 900) "wait for the tide" else "cleared"
}

fun main() {
    val first: Clearance = CustomsClearance(QuarantineClearance(DraughtClearance()))
    println(first.ask("Aurora", 400))
}
