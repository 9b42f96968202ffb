package arcade

class Sprite internal constructor(val name: String, val pixels: List<Int>) {
    fun width() = pixels.size / 8
}

object Sprites {
    private val loaded = mutableMapOf<String, Sprite>()

    operator fun get(name: String): Sprite = loaded.getOrPut(name) { Sprite(name, List(64) { it }) }
}

class Actor(private val sprite: Sprite, var x: Int) {
    fun right() = x + sprite.width()
}
