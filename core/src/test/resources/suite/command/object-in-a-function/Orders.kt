package harbour

interface Order {
    fun run()
}

class Crane {
    private var lifted = 0
    fun lift(tons: Int) { lifted += tons }
    fun reset() { lifted = 0 }
}

class Foreman {
    private val waiting = mutableListOf<Order>()
    fun take(order: Order) { waiting += order }
    fun work() {
        waiting.forEach { it.run() }
        waiting.clear()
    }
}

fun lifting(crane: Crane, tons: Int) = object : Order {
    override fun run() = crane.lift(tons)
}

fun resetting(crane: Crane) = object : Order {
    override fun run() = crane.reset()
}

fun main() {
    val crane = Crane()
    val foreman = Foreman()
    foreman.take(lifting(crane, 3))
    foreman.take(resetting(crane))
    foreman.work()
}
