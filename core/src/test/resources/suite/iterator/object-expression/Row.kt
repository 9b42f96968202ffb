package aldera

class BerthRow(private val first: Int, private val last: Int) {
    operator fun iterator(): Iterator<Int> = object : Iterator<Int> {
        private var at = first
        override fun hasNext() = at <= last
        override fun next() = at++
    }
}

fun main() {
    for (berth in BerthRow(3, 7)) println(berth)
}
