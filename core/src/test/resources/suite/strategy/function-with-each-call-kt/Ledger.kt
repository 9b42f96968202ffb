package harbour

class Ledger {
    private val sums = mutableListOf<Int>()

    fun enter(metres: Int, rate: (Int) -> Int): Int {
        val sum = rate(metres)
        sums += sum
        return sum
    }
}

fun ferry(metres: Int) = metres * 2

fun main() {
    val ledger = Ledger()
    ledger.enter(90, ::ferry)
    ledger.enter(12) { it * 7 + 10 }
}
