package tide

import kotlin.properties.Delegates

typealias LevelListener = (old: Int, new: Int) -> Unit

class TideGauge {
    private val listeners = mutableSetOf<LevelListener>()

    var level: Int by Delegates.observable(0) { _, old, new ->
        listeners.toList().forEach { it(old, new) }
    }

    operator fun plusAssign(listener: LevelListener) {
        listeners += listener
    }

    operator fun minusAssign(listener: LevelListener) {
        listeners -= listener
    }
}

class Sluice {
    var open = false
        private set

    fun follow(gauge: TideGauge) {
        gauge += { _, new -> open = new < 200 }
    }
}

fun main() {
    val gauge = TideGauge()
    val sluice = Sluice()
    sluice.follow(gauge)
    gauge += { old, new -> println("$old to $new") }
    gauge.level = 180
    println(sluice.open)
}
