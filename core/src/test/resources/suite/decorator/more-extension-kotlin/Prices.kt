package aldera.prices
fun interface Price { fun cents(nights: Int): Int }
class NightPrice(private val rate: Int) : Price { override fun cents(nights: Int) = rate * nights }
fun Price.withTax(percent: Int): Price = Price { nights -> cents(nights) * (100 + percent) / 100 }
fun Price.capped(max: Int): Price = object : Price {
    override fun cents(nights: Int): Int = minOf(max, this@capped.cents(nights))
}
class Reception(private val price: Price) { fun bill(nights: Int) = "total ${price.cents(nights)}" }
fun open() = Reception(NightPrice(4000).withTax(21).capped(50_000))
