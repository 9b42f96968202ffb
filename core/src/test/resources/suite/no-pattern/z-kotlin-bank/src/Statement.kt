package bank

class Statement(private val account: Account) {
    fun lines(): List<String> = account.history().map { line(it) }

    private fun line(movement: Movement) = when (movement) {
        is Movement.Deposit -> "+ ${movement.amount}"
        is Movement.Withdrawal -> "- ${movement.amount}"
        is Movement.Transfer -> "- ${movement.amount} to ${movement.to}"
    }
}

fun main() {
    val bank = Bank("Aldera Savings")
    bank.open("A1").book(Movement.Deposit("100".toBigDecimal()))
    bank.open("A2")
    bank.transfer("A1", "A2", "40".toBigDecimal())
    println(Statement(bank["A1"]).lines())
    println(bank.total())
}
