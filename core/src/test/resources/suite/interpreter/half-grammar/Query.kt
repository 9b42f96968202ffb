package aldera.query

class Ship(val name: String, val tonnes: Int, val flag: String)
class Port(val ships: List<Ship>, val today: Int)

interface Query { fun matches(ship: Ship): Boolean }
class Heavier(private val than: Int) : Query { override fun matches(ship: Ship) = ship.tonnes > than }
class Flag(private val flag: String) : Query { override fun matches(ship: Ship) = ship.flag == flag }
class Later(private val day: Int) : Query { override fun matches(ship: Ship): Boolean = TODO("calendar") }
class Both(private val left: Query, private val right: Query) : Query {
    override fun matches(ship: Ship) = left.matches(ship) && right.matches(Ship("", 0, ""))
}
class Nor(private val parts: List<Query>) : Query {
    override fun matches(ship: Ship) = parts.none { it.matches(ship) }
}
fun find(port: Port, query: Query) = port.ships.filter { query.matches(it) }
val sample = Both(Heavier(100), Nor(listOf(Flag("AL"), Later(3))))
