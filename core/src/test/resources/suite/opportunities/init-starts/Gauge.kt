package harbour

import java.io.File
import kotlin.concurrent.thread

class Gauge(private val station: String, path: String) {
    private val readings = mutableListOf<Double>()
    private val source = File(path)

    init {
        source.forEachLine { readings.add(it.toDouble()) }
        Stations.register(this)
        thread { poll() }
    }

    fun last(): Double = readings.last()

    fun name(): String = station

    private fun poll() {
        readings.add(source.readText().trim().toDouble())
    }
}

object Stations {
    private val known = mutableMapOf<String, Gauge>()

    fun register(gauge: Gauge) {
        known[gauge.name()] = gauge
    }

    fun find(name: String): Gauge? = known[name]
}
