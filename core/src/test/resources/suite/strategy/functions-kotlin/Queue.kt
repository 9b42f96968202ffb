package aldera.queue

data class Ship(val name: String, val tons: Int, val arrived: Long)

typealias Order = (Ship, Ship) -> Int

class WaitingList(private var order: Order) {
    private val ships = mutableListOf<Ship>()

    fun join(ship: Ship) {
        ships += ship
    }

    fun reorder(order: Order) {
        this.order = order
    }

    fun first(): Ship = ships.sortedWith { a, b -> order(a, b) }.first()
}

val byArrival: Order = { a, b -> a.arrived.compareTo(b.arrived) }
val bySize: Order = { a, b -> b.tons - a.tons }

fun main() {
    val list = WaitingList(byArrival)
    list.reorder(bySize)
    println(list.first())
}
