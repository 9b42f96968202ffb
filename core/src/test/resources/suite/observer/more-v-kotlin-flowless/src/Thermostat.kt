package home

import java.util.concurrent.CopyOnWriteArraySet

fun interface TemperatureListener {
    fun onTemperature(celsius: Double)
}

class Thermostat {
    private val listeners = CopyOnWriteArraySet<TemperatureListener>()

    var celsius: Double = 20.0
        set(value) {
            if (field == value) return
            field = value
            listeners.forEach { it.onTemperature(value) }
        }

    operator fun plusAssign(listener: TemperatureListener) { listeners.add(listener) }
    operator fun minusAssign(listener: TemperatureListener) { listeners.remove(listener) }
}

class Heater : TemperatureListener {
    var on = false
        private set
    override fun onTemperature(celsius: Double) { on = celsius < 19 }
}

class Display : TemperatureListener {
    private var text = ""
    override fun onTemperature(celsius: Double) { text = "%.1f".format(celsius) }
}

fun main() {
    val thermostat = Thermostat()
    val heater = Heater()
    thermostat += heater
    thermostat += Display()
    thermostat += TemperatureListener { println(it) }
    thermostat.celsius = 18.0
    thermostat -= heater
}
