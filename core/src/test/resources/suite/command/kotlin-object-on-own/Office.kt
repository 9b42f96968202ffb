interface Order { fun carryOut() }
class OrderQueue {
    private val waiting = ArrayDeque<Order>()
    fun put(order: Order) { waiting.addLast(order) }
    fun runAll() { while (waiting.isNotEmpty()) waiting.removeFirst().carryOut() }
}
class Office(private val queue: OrderQueue) {
    private var berths = 3
    fun orderOpening() { queue.put(object : Order { override fun carryOut() { openBerth() } }) }
    fun orderClosing() { queue.put(object : Order { override fun carryOut() { closeBerth() } }) }
    private fun openBerth() { berths++ }
    private fun closeBerth() { berths-- }
}
