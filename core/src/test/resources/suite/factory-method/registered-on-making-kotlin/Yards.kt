package aldera.yards

interface Boat {
    fun launch(): String
}

class Dinghy(private val name: String) : Boat {
    override fun launch() = "$name paddles"
}

class Trawler(private val name: String) : Boat {
    override fun launch() = "$name steams"
}

abstract class BoatYard {
    private val built = mutableListOf<Boat>()

    fun deliver(name: String): String = entered(lay(name)).launch()

    fun spare(): Boat = entered(lay("spare"))

    private fun entered(boat: Boat): Boat {
        built += boat
        return boat
    }

    protected abstract fun lay(name: String): Boat
}

class DinghyYard : BoatYard() {
    override fun lay(name: String): Boat = Dinghy(name)
}

class TrawlerYard : BoatYard() {
    override fun lay(name: String): Boat = Trawler(name)
}
