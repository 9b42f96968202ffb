package aldera.winch

class Panel {
    private val done = ArrayDeque<Order>()

    fun give(order: Order) {
        order.carryOut()
        done.addLast(order)
    }

    fun undo() {
        done.removeLastOrNull()?.takeBack()
    }
}

fun main() {
    val winch = Winch()
    val panel = Panel()
    panel.give(Hoist(winch, 12))
    panel.give(Brake(winch))
    panel.give(Alarm(Bell()))
    panel.undo()
}
