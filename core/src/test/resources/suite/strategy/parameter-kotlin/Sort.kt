package aldera.sort
data class Crate(val kg: Int, val name: String)
interface Order { fun before(a: Crate, b: Crate): Boolean }
object Heaviest : Order { override fun before(a: Crate, b: Crate) = a.kg > b.kg }
class Alphabetical(private val upper: Boolean) : Order { override fun before(a: Crate, b: Crate) = if (upper) a.name < b.name else a.name.lowercase() < b.name.lowercase() }
class Hall {
    private val crates = mutableListOf<Crate>()
    fun land(c: Crate) { crates.add(c) }
    fun first(order: Order): Crate { var best = crates[0]; for (c in crates) { if (order.before(c, best)) best = c }; return best }
}
fun day(hall: Hall) = listOf(hall.first(Heaviest), hall.first(Alphabetical(true)))
