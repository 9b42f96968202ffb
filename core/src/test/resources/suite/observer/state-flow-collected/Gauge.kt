package harbour

class Signal<T> {
    private val listeners = mutableListOf<(T) -> Unit>()

    operator fun plusAssign(listener: (T) -> Unit) {
        listeners += listener
    }

    operator fun minusAssign(listener: (T) -> Unit) {
        listeners -= listener
    }

    fun emit(value: T) {
        listeners.toList().forEach { it(value) }
    }
}

class Gauge {
    val risen = Signal<Double>()
    private var level = 0.0

    fun rise(by: Double) {
        level += by
        risen.emit(level)
    }
}

class Siren {
    var sounding = false
        private set

    fun level(metres: Double) {
        sounding = metres > 4
    }
}

fun main() {
    val gauge = Gauge()
    val siren = Siren()
    gauge.risen += siren::level
    gauge.risen += { println(it) }
    gauge.rise(4.2)
}
