package aldera.gauges

interface Gauge {
    fun metres(): Double
    fun name(): String
}

class FloatGauge : Gauge {
    private var raw = 40
    override fun metres() = raw / 10.0
    override fun name() = "float"
}

class RadarUnit(private val serial: String) {
    fun readFeet(): Int = serial.length * 3
    fun serialNumber() = serial
    fun agrees(other: Gauge) = other.metres().toInt() == readFeet() / 3
}

class RadarGauge(private val radar: RadarUnit) : Gauge {
    override fun metres() = radar.readFeet() * 0.3048
    override fun name() = radar.serialNumber().lowercase()
}

class TideBoard(private val gauges: List<Gauge>) {
    fun show() = gauges.joinToString { "${it.name()}: ${it.metres()}" }
}

fun main() {
    println(TideBoard(listOf(FloatGauge(), RadarGauge(RadarUnit("R2")))).show())
}
