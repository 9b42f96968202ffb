fun interface TideListener { fun tideTurned(level: Double) }
class Gauge {
    private val listeners = mutableListOf<Pair<Int, TideListener>>()
    private var level = 0.0
    fun join(listener: TideListener, rank: Int = 0) { listeners.add(rank to listener) }
    fun measure(level: Double) {
        this.level = level
        listeners.sortedBy { it.first }.forEach { (_, listener) -> listener.tideTurned(level) }
    }
}
class Siren : TideListener { var calls = 0; override fun tideTurned(level: Double) { calls++ } }
class Lamp : TideListener { private var lit = false; override fun tideTurned(level: Double) { lit = level > 3 } }
