package aldera.tides
class Tides private constructor(private val rows: List<Pair<String, Int>>) : Iterable<Pair<String, Int>> {
    fun highest(): Int = rows.maxOf { it.second }
    override fun iterator(): Iterator<Pair<String, Int>> = rows.iterator()
    class Builder {
        private val rows = mutableListOf<Pair<String, Int>>()
        fun add(hour: String, height: Int): Builder = apply { rows.add(hour to height) }
        fun removeAll(hour: String): Builder = apply { rows.removeAll { it.first == hour } }
        fun build(): Tides = Tides(rows.toList())
    }
}
fun today(): Tides = Tides.Builder().add("06:00", 4).add("12:00", 1).build()
