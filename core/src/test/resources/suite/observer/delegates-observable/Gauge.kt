import kotlin.properties.Delegates

interface GaugeListener {
    fun moved(from: Int, to: Int)
}

class Gauge {
    private val listeners = linkedSetOf<GaugeListener>()

    var level: Int by Delegates.observable(0) { _, from, to ->
        for (listener in listeners) listener.moved(from, to)
    }

    fun add(listener: GaugeListener) {
        listeners += listener
    }

    fun remove(listener: GaugeListener) {
        listeners -= listener
    }
}

class Siren : GaugeListener {
    private var on = false
    override fun moved(from: Int, to: Int) {
        on = to > 300 && from <= 300
    }
}

class Book : GaugeListener {
    private val lines = mutableListOf<String>()
    override fun moved(from: Int, to: Int) {
        lines += "$from -> $to"
    }
}

fun main() {
    val gauge = Gauge()
    gauge.add(Siren())
    gauge.add(Book())
    gauge.level = 310
}
