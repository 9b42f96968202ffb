package aldera.fleet

class Fleet(private val tugs: Array<String>) {
    operator fun iterator(): Iterator<String> = TugIterator(this)

    internal fun at(index: Int) = tugs[index]
    internal val size get() = tugs.size
}

private class TugIterator(private val fleet: Fleet) : Iterator<String> {
    private var next = 0
    override fun hasNext() = next < fleet.size
    override fun next(): String {
        if (!hasNext()) throw NoSuchElementException()
        return fleet.at(next++)
    }
}

fun main() {
    for (tug in Fleet(arrayOf("Alma", "Brisa"))) println(tug)
}
