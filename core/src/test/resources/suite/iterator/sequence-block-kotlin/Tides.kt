package tides

class TideYear(private val heights: IntArray) : Iterable<Int> {
    override fun iterator(): Iterator<Int> = iterator {
        for (height in heights) {
            yield(height)
        }
    }

    fun springTides(): Sequence<Int> = sequence {
        heights.forEachIndexed { day, height -> if (height > 420) yield(day) }
    }
}

fun main() {
    val year = TideYear(intArrayOf(400, 430, 390))
    for (height in year) println(height)
    println(year.springTides().first())
}
