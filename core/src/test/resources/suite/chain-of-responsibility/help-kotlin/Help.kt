package aldera.help

data class Call(val kind: String, val urgency: Int)

abstract class Helper(private val next: Helper?) {
    open fun take(call: Call): Boolean = next?.take(call) ?: false
}

class Watchman(next: Helper? = null) : Helper(next) {
    override fun take(call: Call): Boolean {
        if (call.urgency < 2) {
            println("watchman takes ${call.kind}")
            return true
        }
        return super.take(call)
    }
}

class FireBoat(next: Helper? = null) : Helper(next) {
    override fun take(call: Call): Boolean =
        if (call.kind == "fire") true else super.take(call)
}

fun main() {
    val line = Watchman(FireBoat())
    println(line.take(Call("fire", 5)))
}
