package aldera.inventory
import java.time.Instant
sealed class Change { abstract val at: Instant; data class Added(val sku: String, val n: Int, override val at: Instant) : Change(); data class Removed(val sku: String, val n: Int, override val at: Instant) : Change() }
interface Ledger { fun append(change: Change); fun since(at: Instant): List<Change> }
class MemoryLedger : Ledger { private val all = mutableListOf<Change>(); override fun append(change: Change) { all += change }; override fun since(at: Instant) = all.filter { it.at >= at } }
class Stock(private val ledger: Ledger, private val clock: () -> Instant = Instant::now) {
    private val counts = mutableMapOf<String, Int>().withDefault { 0 }
    fun add(sku: String, n: Int) { require(n > 0); counts[sku] = counts.getValue(sku) + n; ledger.append(Change.Added(sku, n, clock())) }
    fun remove(sku: String, n: Int): Boolean {
        val left = counts.getValue(sku) - n
        if (left < 0) return false
        counts[sku] = left
        ledger.append(Change.Removed(sku, n, clock()))
        return true
    }
    fun count(sku: String) = counts.getValue(sku)
}
class Report(private val ledger: Ledger) {
    fun day(from: Instant): String = ledger.since(from).joinToString("\n") { change ->
        when (change) {
            is Change.Added -> "+${change.n} ${change.sku}"
            is Change.Removed -> "-${change.n} ${change.sku}"
        }
    }
}
fun main() { val ledger = MemoryLedger(); val stock = Stock(ledger); stock.add("rope", 4); stock.remove("rope", 1); println(Report(ledger).day(Instant.EPOCH)) }
