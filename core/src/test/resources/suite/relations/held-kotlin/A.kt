package aldera.rel

interface Tank
open class Vessel(val name: String)
class Ferry(name: String, private val engine: Engine, var master: Person?) : Vessel(name), Tank {
    private val lifeboats: MutableList<Lifeboat> = mutableListOf()
    fun crew(): List<Person> = emptyList()
    fun launch() { lifeboats.add(Lifeboat(4)) }
    class Deck(val level: Int)
}
class Engine
class Person
class Lifeboat(val seats: Int)
object Port { fun call(ferry: Ferry) = ferry.launch() }
