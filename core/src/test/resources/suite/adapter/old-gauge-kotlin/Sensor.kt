interface Sensor {
    fun metres(): Double
    fun name(): String
}

class BrassGauge {
    private var feet = 3.0
    fun readFeet(): Double = feet
    fun label(): String = "brass"
    fun wind(by: Double) {
        feet += by
    }
}

class GaugeSensor(private val gauge: BrassGauge) : Sensor {
    override fun metres(): Double = gauge.readFeet() * 0.3048
    override fun name(): String = gauge.label()
}

class Panel {
    fun show(sensor: Sensor) = sensor.metres()
}
