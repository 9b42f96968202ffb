package account

sealed interface Change
data class Paid(val cents: Long) : Change
data class Charged(val cents: Long, val reason: String) : Change
data object Closed : Change

class HarbourAccount(private val history: MutableList<Change> = mutableListOf()) {
    var balance = 0L
        private set
    var open = true
        private set

    fun pay(cents: Long) = record(Paid(cents))

    fun charge(cents: Long, reason: String) = record(Charged(cents, reason))

    fun close() = record(Closed)

    private fun record(change: Change) {
        history += change
        apply(change)
    }

    private fun apply(change: Change) {
        when (change) {
            is Paid -> balance += change.cents
            is Charged -> balance -= change.cents
            Closed -> open = false
        }
    }

    companion object {
        fun replay(changes: List<Change>): HarbourAccount {
            val account = HarbourAccount()
            changes.forEach(account::apply)
            return account
        }
    }
}

fun main() {
    val account = HarbourAccount()
    account.pay(900)
    account.charge(140, "berth")
    println(account.balance)
}
