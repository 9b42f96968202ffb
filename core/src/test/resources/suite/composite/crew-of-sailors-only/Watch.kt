package aldera.crew

abstract class Hand {
    abstract fun hoursAboard(): Int
}

class Sailor(private val hours: Int) : Hand() {
    override fun hoursAboard() = hours
}

class Cook(private val shifts: Int) : Hand() {
    override fun hoursAboard() = shifts * 6
}

class Watch : Hand() {
    private val members = mutableListOf<Sailor>()

    fun join(sailor: Sailor) {
        members += sailor
    }

    override fun hoursAboard(): Int = members.sumOf { it.hoursAboard() }
}

fun main() {
    val watch = Watch()
    watch.join(Sailor(8))
    watch.join(Sailor(12))
    val hands: List<Hand> = listOf(watch, Cook(3))
    println(hands.sumOf(Hand::hoursAboard))
}
