interface Manifest {
    fun lines(): List<String>
    fun keep(line: String)
    fun copyFrom(other: Manifest, most: Int) {
        for (line in other.lines().take(most)) {
            if (line.isNotBlank()) keep(line.trim())
        }
    }
}

class Tape(private val all: ArrayDeque<String>) : Manifest {
    override fun lines(): List<String> = all
    override fun keep(line: String) { all.addFirst(line) }
}

class Paper(private val all: MutableList<String>) : Manifest {
    override fun lines(): List<String> = all
    override fun keep(line: String) { all += line }
}

fun main() {
    Paper(mutableListOf()).copyFrom(Tape(ArrayDeque()), 3)
}
