interface Priority { fun key(v: Arrival): Double }
data class Arrival(val quay: String, val tons: Int)
class Heaviest : Priority { override fun key(v: Arrival) = -v.tons.toDouble() }
class ByQuay : Priority { override fun key(v: Arrival) = v.quay.length.toDouble() }
class Roster(private var priority: Priority) {
    private val arrivals = mutableListOf<Arrival>()
    fun rank(r: Priority) { priority = r }
    fun add(v: Arrival) { arrivals += v }
    fun ordered(): List<Arrival> = arrivals.sortedBy(priority::key)
}
fun main() { val r = Roster(Heaviest()); r.rank(ByQuay()); r.ordered() }
