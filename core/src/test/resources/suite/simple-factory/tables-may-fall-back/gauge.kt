interface Gauge { fun read(): Int }
class Tide : Gauge { override fun read() = 4 }
class Wind : Gauge { override fun read() = 6 }
object Gauges {
    fun named(name: String, usual: Gauge): Gauge = when (name) {
        "tide" -> Tide()
        "wind" -> Wind()
        else -> usual
    }
}
fun main() { println(Gauges.named("tide", Wind()).read()) }
