package port
interface Gauge { val metres: Double; fun reset() }
class FeetMeter { var feet = 12.0; fun clear() { feet = 0.0 } }
private class MetreGauge(private val meter: FeetMeter) : Gauge {
    override val metres get() = meter.feet * 0.3048
    override fun reset() = meter.clear()
}
fun FeetMeter.asGauge(): Gauge = MetreGauge(this)
class Tower(private val gauge: Gauge) { fun high() = gauge.metres > 3 }
