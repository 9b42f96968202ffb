package port
fun interface Tariff { fun fee(tons: Int): Int }
class ByWeight : Tariff { override fun fee(tons: Int) = tons * 3 }
class Flat : Tariff { override fun fee(tons: Int) = 100 }
class Cashier {
    private val tariffs = mutableMapOf<String, Tariff>()
    fun register(kind: String, tariff: Tariff) { tariffs[kind] = tariff }
    fun bill(kind: String, tons: Int): Int = tariffs[kind]?.fee(tons) ?: error("No tariff $kind")
}
