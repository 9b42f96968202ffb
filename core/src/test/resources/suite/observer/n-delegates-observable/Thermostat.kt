package heating

import kotlin.properties.Delegates

fun interface WarmthListener {
    fun warmthChanged(old: Int, new: Int)
}

class Thermostat {
    private val listeners = mutableSetOf<WarmthListener>()

    var warmth: Int by Delegates.observable(18) { _, old, new ->
        listeners.forEach { it.warmthChanged(old, new) }
    }

    fun addListener(listener: WarmthListener) {
        listeners += listener
    }

    fun removeListener(listener: WarmthListener) {
        listeners -= listener
    }
}

class Display : WarmthListener {
    private var shown = ""

    override fun warmthChanged(old: Int, new: Int) {
        shown = "$old > $new"
    }
}

class Boiler : WarmthListener {
    private var burning = false

    override fun warmthChanged(old: Int, new: Int) {
        burning = new < 19
    }
}

fun main() {
    val thermostat = Thermostat()
    thermostat.addListener(Display())
    thermostat.addListener(Boiler())
    thermostat.warmth = 21
}
