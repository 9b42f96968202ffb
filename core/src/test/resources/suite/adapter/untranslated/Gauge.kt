package aldera.gauge
interface LevelMeter { fun metres(): Double; fun calibrate(offset: Double); fun model(): String; fun selfTest(): Boolean }
class FeetGauge { private var shift = 0.0; fun feet() = 12.0 + shift; fun shiftBy(f: Double) { shift += f }; fun plate() = "FG-1" }
class FeetGaugeMeter(private val gauge: FeetGauge) : LevelMeter {
    override fun metres() = gauge.feet() * 0.3048
    override fun calibrate(offset: Double) { gauge.shiftBy(offset / 0.3048) }
    override fun model() = gauge.plate()
    override fun selfTest(): Boolean { throw UnsupportedOperationException() }
}
class Tower(private val meter: LevelMeter) { fun high() = meter.metres() > 4 }
class Workshop(private val meter: FeetGaugeMeter) { fun check() = meter.selfTest() }
fun main() { val m = FeetGaugeMeter(FeetGauge()); Tower(m).high(); Workshop(m).check() }
