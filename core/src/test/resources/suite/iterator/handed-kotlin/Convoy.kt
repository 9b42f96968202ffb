package aldera

class Convoy : Iterable<String> {
    private val ships = mutableListOf<String>()

    fun join(ship: String) {
        ships += ship
    }

    override fun iterator(): Iterator<String> = ships.iterator()
}

fun main() {
    val convoy = Convoy()
    convoy.join("Sirena")
    for (ship in convoy) println(ship)
}
