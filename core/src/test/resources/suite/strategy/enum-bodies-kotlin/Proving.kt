package bakery

enum class Proving {
    COLD {
        override fun hours(kilos: Double) = 18 + kilos
    },
    WARM {
        override fun hours(kilos: Double) = 2 + kilos / 2
    };

    abstract fun hours(kilos: Double): Double
}

class Trough(private val proving: Proving) {
    private var kilos = 0.0

    fun add(flour: Double) {
        kilos += flour
    }

    fun readyIn() = proving.hours(kilos)
}
