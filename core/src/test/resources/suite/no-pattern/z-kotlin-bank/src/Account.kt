package bank

import java.math.BigDecimal

enum class Currency { EUR, GBP }

sealed class Movement {
    abstract val amount: BigDecimal

    data class Deposit(override val amount: BigDecimal) : Movement()
    data class Withdrawal(override val amount: BigDecimal) : Movement()
    data class Transfer(override val amount: BigDecimal, val to: String) : Movement()
}

class Account(val iban: String, val currency: Currency) {
    private val movements = mutableListOf<Movement>()

    val balance: BigDecimal
        get() = movements.fold(BigDecimal.ZERO) { sum, movement ->
            when (movement) {
                is Movement.Deposit -> sum + movement.amount
                is Movement.Withdrawal, is Movement.Transfer -> sum - movement.amount
            }
        }

    fun book(movement: Movement) {
        require(movement.amount > BigDecimal.ZERO) { "amount" }
        movements += movement
    }

    fun history(limit: Int = 10): List<Movement> = movements.takeLast(limit)
}
