package aldera

interface Order {
    fun carryOut()
}

class Sail {
    var up = false
    fun hoist() { up = true }
    fun strike() { up = false }
}

class Hoist(private val sail: Sail) : Order {
    override fun carryOut() = sail.hoist()
}

class Strike(private val sail: Sail) : Order {
    override fun carryOut() = sail.strike()
}

class Watch {
    private val orders = ArrayDeque<Order>()

    operator fun plusAssign(order: Order) {
        orders.addLast(order)
    }

    fun turnOut() {
        while (orders.isNotEmpty()) {
            orders.removeFirst().carryOut()
        }
    }
}

fun main() {
    val sail = Sail()
    val watch = Watch()
    watch += Hoist(sail)
    watch += Strike(sail)
    watch.turnOut()
}
