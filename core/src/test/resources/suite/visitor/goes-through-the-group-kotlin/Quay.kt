interface Visitor {
    fun berth(berth: Berth)
    fun quay(quay: Quay)
}

interface Spot {
    fun accept(visitor: Visitor)
}

class Berth(val metres: Int) : Spot {
    override fun accept(visitor: Visitor) = visitor.berth(this)
}

class Quay : Spot {
    private val spots = mutableListOf<Spot>()

    fun add(spot: Spot) {
        spots.add(spot)
    }

    operator fun iterator() = spots.iterator()

    override fun accept(visitor: Visitor) = visitor.quay(this)
}

class Length : Visitor {
    var sum = 0
        private set

    override fun berth(berth: Berth) {
        sum += berth.metres
    }

    override fun quay(quay: Quay) {
        for (spot in quay) {
            spot.accept(this)
        }
    }
}

fun main() {
    val quay = Quay()
    quay.add(Berth(40))
    val length = Length()
    quay.accept(length)
    println(length.sum)
}
