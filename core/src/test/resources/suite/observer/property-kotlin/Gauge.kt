package aldera.tide

fun interface LevelListener {
    fun onLevel(old: Double, new: Double)
}

class TideGauge {
    private val listeners = mutableSetOf<LevelListener>()

    var level: Double = 0.0
        set(value) {
            val old = field
            field = value
            listeners.forEach { it.onLevel(old, value) }
        }

    operator fun plusAssign(listener: LevelListener) {
        listeners += listener
    }

    operator fun minusAssign(listener: LevelListener) {
        listeners -= listener
    }
}

class Siren : LevelListener {
    var on = false
    override fun onLevel(old: Double, new: Double) {
        on = new > 4.0
    }
}

class Curve : LevelListener {
    private val points = mutableListOf<Double>()
    override fun onLevel(old: Double, new: Double) {
        points += new
    }
}

fun main() {
    val gauge = TideGauge()
    gauge += Siren()
    gauge += Curve()
    gauge.level = 4.2
}
