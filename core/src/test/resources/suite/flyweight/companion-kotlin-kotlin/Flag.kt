class Flag private constructor(val name: String, val colours: List<String>) {
    fun draw(at: Int) = println("$at $name ${colours.joinToString()}")

    companion object {
        private val known = mutableMapOf<String, Flag>()

        operator fun invoke(name: String): Flag =
            known.getOrPut(name) { Flag(name, colours(name)) }

        private fun colours(name: String) = if (name == "AL") listOf("blue", "white") else listOf("red")
    }
}

class Mast {
    private val flags = mutableListOf<Flag>()

    fun hoist(name: String) {
        flags += Flag(name)
    }

    fun draw() = flags.forEachIndexed { at, flag -> flag.draw(at) }
}

fun main() {
    val mast = Mast()
    mast.hoist("AL")
    mast.hoist("AL")
    mast.draw()
}
