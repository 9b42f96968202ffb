package bank

import java.math.BigDecimal

class UnknownAccount(iban: String) : RuntimeException("no account $iban")

class Bank(private val name: String) {
    private val accounts = HashMap<String, Account>()

    fun open(iban: String, currency: Currency = Currency.EUR): Account =
        Account(iban, currency).also { accounts[iban] = it }

    operator fun get(iban: String): Account = accounts[iban] ?: throw UnknownAccount(iban)

    fun transfer(from: String, to: String, amount: BigDecimal) {
        val source = this[from]
        val target = this[to]
        check(source.currency == target.currency) { "currencies differ at $name" }
        source.book(Movement.Transfer(amount, to))
        target.book(Movement.Deposit(amount))
    }

    fun total(): BigDecimal = accounts.values.sumOf { it.balance }
}
