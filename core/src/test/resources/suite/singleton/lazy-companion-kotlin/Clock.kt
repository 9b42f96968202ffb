class Clock private constructor(private val zone: String) {
    var ticks = 0
        private set

    fun tick() {
        ticks++
    }

    companion object {
        @Volatile
        private var one: Clock? = null

        fun of(zone: String): Clock =
            one ?: synchronized(this) {
                one ?: Clock(zone).also { one = it }
            }
    }
}

fun hour() = Clock.of("CET").tick()
