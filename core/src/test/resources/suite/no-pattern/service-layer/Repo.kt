package aldera.berths
data class Berth(val id: Int, val metres: Int, val taken: Boolean)
interface BerthRepository { fun all(): List<Berth>; fun save(berth: Berth) }
class SqlBerthRepository(private val url: String) : BerthRepository {
    private val rows = mutableMapOf<Int, Berth>()
    override fun all() = rows.values.toList()
    override fun save(berth: Berth) { rows[berth.id] = berth }
}
class BerthService(private val repository: BerthRepository) {
    fun free(metres: Int) = repository.all().filter { !it.taken && it.metres >= metres }
    fun take(id: Int) {
        val berth = repository.all().first { it.id == id }
        repository.save(berth.copy(taken = true))
    }
}
class BerthController(private val service: BerthService) {
    fun get(metres: Int) = service.free(metres).map { it.id }
    fun post(id: Int) { service.take(id) }
}
fun main() { BerthController(BerthService(SqlBerthRepository("x"))).post(3) }
