package tide

fun interface Gauge {
    fun centimetres(hour: Int): Int
}

class HarbourGauge(private val offset: Int) : Gauge {
    override fun centimetres(hour: Int): Int = offset + (hour % 12) * 15
}

class RecordedGauge(private val readings: Map<Int, Int>) : Gauge {
    override fun centimetres(hour: Int): Int = readings[hour] ?: error("no reading for hour $hour")
}

fun Gauge.smoothed(): Gauge {
    val inner = this
    return Gauge { hour -> (inner.centimetres(hour - 1) + inner.centimetres(hour) + inner.centimetres(hour + 1)) / 3 }
}

fun Gauge.raisedBy(swell: Int): Gauge = Gauge { hour -> centimetres(hour) + swell }

class TideTable(private val gauge: Gauge) {
    fun lines(): List<String> = (0..23).map { "$it h: ${gauge.centimetres(it)} cm" }
}

fun main() {
    val table = TideTable(HarbourGauge(40).smoothed().raisedBy(12))
    table.lines().forEach(::println)
    println(RecordedGauge(mapOf(3 to 88)).raisedBy(5).centimetres(3))
}
