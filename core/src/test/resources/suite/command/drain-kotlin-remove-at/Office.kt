interface Order { fun carryOut() }
class Crane { var at = 0; fun lift() { at++ }; fun lower() { at-- } }
class Lift(private val crane: Crane) : Order { override fun carryOut() = crane.lift() }
class Lower(private val crane: Crane) : Order { override fun carryOut() = crane.lower() }
class Office {
    private var waiting = mutableListOf<Order>()
    fun accept(order: Order) { waiting.add(order) }
    fun work() {
        while (waiting.isNotEmpty()) { val next = waiting.removeAt(0); next.carryOut() }
    }
}
class Foreman { fun plan(office: Office, crane: Crane) { office.accept(Lift(crane)); office.accept(Lower(crane)) } }
