package aldera.records

data class Position(val lat: Double, val lon: Double)
data class Ship(val name: String, val position: Position, val draught: Double)

interface Store { fun all(): List<Ship>; fun save(ship: Ship) }

class MemoryStore : Store {
    private val ships = LinkedHashMap<String, Ship>()
    override fun all() = ships.values.toList()
    override fun save(ship: Ship) { ships[ship.name] = ship }
}

class FleetReport(private val store: Store) {
    fun deepest(): Ship? = store.all().maxByOrNull { it.draught }
    fun names(): String = store.all().joinToString { it.name }
    fun north(limit: Double) = store.all().filter { it.position.lat > limit }
}

fun main() {
    val store = MemoryStore()
    store.save(Ship("Marola", Position(43.1, -8.2), 4.2))
    println(FleetReport(store).names())
}
