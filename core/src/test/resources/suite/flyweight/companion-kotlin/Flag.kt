package aldera.flag

class Flag private constructor(val code: String, val colours: List<String>) {
    fun paint(x: Int, y: Int) = "$code at $x,$y"

    companion object {
        private val known = mutableMapOf<String, Flag>()

        fun of(code: String): Flag = known.getOrPut(code) { Flag(code, listOf("red", "white")) }
    }
}

class Mast {
    private val flags = mutableListOf<Flag>()

    fun hoist(code: String) {
        flags += Flag.of(code)
    }
}
