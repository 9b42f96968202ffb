package aldera

interface Order {
    fun run()
    fun undo()
}

class Ballast { var tons = 0 }

class Fill(private val ballast: Ballast, private val by: Int) : Order {
    override fun run() { ballast.tons += by }
    override fun undo() { ballast.tons -= by }
}

class Empty(private val ballast: Ballast) : Order {
    override fun run() { ballast.tons = 0 }
    override fun undo() {}
}

class Trim(private val ballast: Ballast) : Order {
    private var before = 0
    override fun run() {
        before = ballast.tons
        ballast.tons = before / 2
    }
    override fun undo() = throw UnsupportedOperationException("trimmed for good")
}

class Bridge {
    private val done = ArrayDeque<Order>()
    fun give(order: Order) {
        order.run()
        done.addLast(order)
    }
    fun back() {
        done.removeLastOrNull()?.undo()
    }
}
