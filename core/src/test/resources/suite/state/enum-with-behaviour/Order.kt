package aldera.order
class Order(val id: Int) {
    internal var status: Status = Draft(this)
    fun pay() = status.pay()
    fun ship() = status.ship()
    fun cancel() = status.cancel()
}
abstract class Status(protected val order: Order) {
    open fun pay(): Unit = error("cannot pay")
    open fun ship(): Unit = error("cannot ship")
    open fun cancel() { order.status = Cancelled(order) }
}
class Draft(order: Order) : Status(order) { override fun pay() { order.status = Paid(order) } }
class Paid(order: Order) : Status(order) { override fun ship() { order.status = Shipped(order) } }
class Shipped(order: Order) : Status(order) { override fun cancel() { error("too late") } }
class Cancelled(order: Order) : Status(order)
class Shop { fun sell(): Order { val o = Order(1); o.pay(); o.ship(); return o } }
