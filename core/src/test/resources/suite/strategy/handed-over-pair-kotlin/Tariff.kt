package aldera.dues

interface Tariff {
    fun basis(tons: Int): Long
    fun surcharge(night: Boolean): Long
}

class SummerTariff : Tariff {
    override fun basis(tons: Int) = tons * 12L
    override fun surcharge(night: Boolean) = if (night) 300L else 0L
}

class StormTariff(private val force: Int) : Tariff {
    override fun basis(tons: Int) = tons * 15L + force * 10L
    override fun surcharge(night: Boolean) = 500L + if (night) 100L else 0L
}
