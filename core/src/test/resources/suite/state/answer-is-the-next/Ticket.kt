package harbour

sealed interface TicketState {
    fun pay(): TicketState
    fun use(): TicketState
}

object Ordered : TicketState {
    override fun pay() = Paid
    override fun use(): TicketState = error("not paid")
}

object Paid : TicketState {
    override fun pay(): TicketState = error("paid already")
    override fun use() = Used
}

object Used : TicketState {
    override fun pay(): TicketState = this
    override fun use(): TicketState = error("used already")
}

class Ticket(val number: Int) {
    private var state: TicketState = Ordered

    fun pay() {
        state = state.pay()
    }

    fun use() {
        state = state.use()
    }
}

fun main() {
    val ticket = Ticket(7)
    ticket.pay()
    ticket.use()
}
