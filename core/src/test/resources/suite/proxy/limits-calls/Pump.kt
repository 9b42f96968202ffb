package harbour

interface Pump {
    fun run(minutes: Int): Int
}

class DieselPump : Pump {
    private var total = 0
    override fun run(minutes: Int): Int {
        total += minutes * 90
        return total
    }
}

class LimitedPump(private val pump: Pump, private val most: Int) : Pump {
    private var calls = 0
    override fun run(minutes: Int): Int {
        calls++
        if (calls > most) {
            throw IllegalStateException("enough for today")
        }
        return pump.run(minutes)
    }
}

class Crew(private val pump: Pump) {
    fun drain() = pump.run(10)
}

fun main() = println(Crew(LimitedPump(DieselPump(), 3)).drain())
