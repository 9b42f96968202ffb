package aldera.lift
class BoatLift {
    private var mode = "idle"
    private var height = 0
    fun press() { when (mode) { "idle" -> mode = "up"; "up" -> mode = "idle"; else -> mode = "idle" } }
    fun tick() { if (mode == "up") height++ else if (mode == "down") height-- }
    fun lamp(): String = when (mode) { "up" -> "green"; "down" -> "amber"; else -> "off" }
}
class Once { private var kind = "a"; fun text() = when (kind) { "a" -> "x"; else -> "y" } }
