package aldera

enum class Counting {
    BY_WEIGHT {
        override fun due(tons: Double, metres: Double) = tons * 0.4
    },
    BY_LENGTH {
        override fun due(tons: Double, metres: Double) = metres * 2.5
    };

    abstract fun due(tons: Double, metres: Double): Double
}

class DueDesk(private val counting: Counting) {
    private var taken = 0.0

    fun charge(tons: Double, metres: Double): Double {
        taken += counting.due(tons, metres)
        return taken
    }
}

fun main() {
    println(DueDesk(Counting.BY_WEIGHT).charge(900.0, 80.0) + DueDesk(Counting.BY_LENGTH).charge(900.0, 80.0))
}
