package map

class Tile(val x: Int, val y: Int, val bytes: ByteArray)

class TileCache(private val limit: Int) {
    private val tiles = LinkedHashMap<Pair<Int, Int>, Tile>()

    fun tile(x: Int, y: Int): Tile {
        val key = x to y
        tiles[key]?.let { return it }
        val loaded = Tile(x, y, ByteArray(256))
        if (tiles.size >= limit) {
            tiles.remove(tiles.keys.first())
        }
        tiles[key] = loaded
        return loaded
    }
}

class MapView(private val cache: TileCache) {
    fun draw(): Int = (0..3).sumOf { cache.tile(it, it).bytes.size }
}
