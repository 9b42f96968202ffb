interface Order { fun carryOut() }
class Crane { var at = 0; fun lift() { at++ }; fun lower() { at-- } }
class Lift(private val crane: Crane) : Order { override fun carryOut() = crane.lift() }
class Lower(private val crane: Crane) : Order { override fun carryOut() = crane.lower() }
class Office {
    private var waiting = java.util.PriorityQueue<Order>()
    fun accept(order: Order) { waiting.add(order) }
    fun work() {
        while (true) { val next = waiting.poll() ?: break; next.carryOut() }
    }
}
class Foreman { fun plan(office: Office, crane: Crane) { office.accept(Lift(crane)); office.accept(Lower(crane)) } }
