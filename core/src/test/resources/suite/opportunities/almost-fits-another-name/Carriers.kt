package aldera.carriers

interface Carrier {
    fun load(tonnes: Int)
    fun depart(): String
    fun free(): Int
}

class Ferry : Carrier {
    private var used = 0
    override fun load(tonnes: Int) {
        used += tonnes
    }
    override fun depart() = "ferry"
    override fun free() = 40 - used
}

class RailWagon {
    private var filled = 0
    fun fill(tonnes: Int) {
        filled += tonnes
    }
    fun depart() = "wagon"
    fun free() = 60 - filled
}

class Forwarder(private val carriers: List<Carrier>) {
    fun send(tonnes: Int): String {
        val carrier = carriers.first { it.free() >= tonnes }
        carrier.load(tonnes)
        return carrier.depart()
    }
}

fun main() {
    println(Forwarder(listOf(Ferry())).send(3))
    println(RailWagon().depart())
}
