package harbour

interface Meter {
    fun litres(): Double
    fun reset()
}

open class OldCounter {
    private var pulses = 0
    fun pulse() { pulses++ }
    fun readPulses() = pulses
    fun zero(start: Int) { pulses = start }
}

class CounterMeter : OldCounter(), Meter {
    override fun litres() = readPulses() / 4.0
    override fun reset() = zero(0)
}

class WaterBill {
    fun sum(meter: Meter): Double {
        val sum = meter.litres() * 3
        meter.reset()
        return sum
    }
}

fun main() = println(WaterBill().sum(CounterMeter()))
