package aldera

class Gauge private constructor() {
    private var level = 0

    fun rise(by: Int): Int {
        level += by
        return level
    }

    companion object {
        @Volatile
        private var kept: Gauge? = null

        fun get(): Gauge = kept ?: synchronized(this) {
            kept ?: Gauge().also { kept = it }
        }
    }
}

fun main() {
    println(Gauge.get().rise(2) + Gauge.get().rise(1))
}
