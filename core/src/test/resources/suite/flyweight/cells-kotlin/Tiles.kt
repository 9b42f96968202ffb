package floor

class Tile private constructor(val colour: String, val size: Int) {
    fun price(count: Int) = count * size

    companion object {
        private val tiles = HashMap<Pair<String, Int>, Tile>()

        fun of(colour: String, size: Int): Tile = tiles.getOrPut(colour to size) { Tile(colour, size) }
    }
}

class Room {
    private val floor = mutableListOf<Tile>()

    fun lay(colour: String) {
        floor += Tile.of(colour, 30)
    }

    fun price() = floor.sumOf { it.price(1) }
}
