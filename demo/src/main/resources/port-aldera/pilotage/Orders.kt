package aldera.pilotage

/** What a ship asks of the pilots. */
data class PilotOrder(val ship: String, val draught: Double, val berth: String?)

sealed interface OrderState {
    fun advance(desk: PilotDesk)

    object Waiting : OrderState {
        override fun advance(desk: PilotDesk) {
            desk.state = Boarded(desk.rota.next())
        }
    }

    class Boarded(private val pilot: Pilot) : OrderState {
        override fun advance(desk: PilotDesk) {
            pilot.release()
            desk.state = Moored
        }
    }

    object Moored : OrderState {
        override fun advance(desk: PilotDesk) = Unit
    }
}

class Pilot(val name: String, private var free: Boolean = true) {
    fun take(): Pilot {
        free = false
        return this
    }

    fun release() {
        free = true
    }

    val available: Boolean
        get() = free
}

class PilotDesk(val rota: Rota, private val log: OrderLog) {
    var state: OrderState = OrderState.Waiting
    private val orders = mutableListOf<PilotOrder>()
    var onMoored: ((PilotOrder) -> Unit)? = null

    fun book(order: PilotOrder) {
        orders += order
        log.note("booked ${order.ship}")
    }

    fun advance() {
        state.advance(this)
        orders.lastOrNull()?.let { onMoored?.invoke(it) }
    }
}
