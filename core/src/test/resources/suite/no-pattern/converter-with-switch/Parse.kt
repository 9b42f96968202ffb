enum class Side { PORT, STARBOARD }

class Light(val side: Side, val range: Int)

class LightReader {
    fun read(text: String): Light {
        val (name, range) = text.split(":")
        val side = when (name) {
            "red" -> Side.PORT
            "green" -> Side.STARBOARD
            else -> throw IllegalArgumentException("no side for $name")
        }
        return Light(side, range.toInt())
    }
}

fun main() {
    println(LightReader().read("red:4").side)
}
