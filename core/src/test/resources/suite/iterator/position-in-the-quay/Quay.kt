package harbour

class Quay(private val berths: MutableList<String>) {
    internal var at = 0

    fun add(berth: String) {
        berths.add(berth)
    }

    fun walk(): BerthWalk = BerthWalk(this)

    internal fun berthAt(index: Int): String = berths[index]

    internal fun count(): Int = berths.size
}

class BerthWalk(private val quay: Quay) {
    fun hasNext(): Boolean = quay.at < quay.count()

    fun next(): String {
        val berth = quay.berthAt(quay.at)
        quay.at = quay.at + 1
        return berth
    }
}

fun main() {
    val quay = Quay(mutableListOf("west"))
    quay.add("east")
    val walk = quay.walk()
    while (walk.hasNext()) {
        println(walk.next())
    }
}
