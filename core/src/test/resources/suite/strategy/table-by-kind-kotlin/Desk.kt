enum class Kind { TUG, FERRY, TANKER }

fun interface Fee {
    fun of(tons: Int): Int
}

class FlatFee(private val amount: Int) : Fee {
    override fun of(tons: Int) = amount
}

class TonnageFee(private val rate: Int) : Fee {
    override fun of(tons: Int) = tons * rate
}

class Desk(private val fees: Map<Kind, Fee>) {
    fun bill(kind: Kind, tons: Int): Int {
        val fee = fees[kind] ?: throw IllegalArgumentException("no fee for $kind")
        return fee.of(tons)
    }
}

fun desk() = Desk(mapOf(Kind.TUG to FlatFee(80), Kind.FERRY to TonnageFee(2), Kind.TANKER to TonnageFee(5)))
