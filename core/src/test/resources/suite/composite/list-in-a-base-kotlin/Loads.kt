interface Load {
    fun tons(): Double
}

class Drum(private val litres: Double) : Load {
    override fun tons() = litres / 1000
}

abstract class Group : Load {
    protected val parts = mutableListOf<Load>()

    fun add(load: Load) {
        parts += load
    }
}

class Pallet : Group() {
    override fun tons() = 0.02 + parts.sumOf { it.tons() }
}

class Hold(private val deck: Int) : Group() {
    override fun tons(): Double {
        var sum = deck * 0.1
        for (part in parts) {
            sum += part.tons()
        }
        return sum
    }
}

fun main() {
    val hold = Hold(2)
    hold.add(Pallet().apply { add(Drum(200.0)) })
    println(hold.tons())
}
