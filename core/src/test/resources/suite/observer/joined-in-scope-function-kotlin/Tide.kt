package aldera

fun interface Listener {
    fun tide(level: Int)
}

class Gauge {
    private val listeners = mutableListOf<Listener>()
    private var level = 0

    fun join(listener: Listener) {
        listeners.add(listener)
    }

    fun leave(listener: Listener) {
        listeners.remove(listener)
    }

    fun rise(by: Int) {
        level += by
        listeners.toList().forEach { it.tide(level) }
    }
}

class Lock : Listener {
    private var shut = false
    override fun tide(level: Int) {
        shut = level > 4
    }
}

fun main() {
    val gauge = Gauge().apply {
        join(Lock())
    }
    with(gauge) {
        rise(3)
    }
}
