import java.io.File

class Link(private val path: String) {
    private val lines: List<String>

    init {
        lines = File(path).readLines()
        println("read $path")
    }

    fun size(): Int = lines.size
}

class Plain(val name: String, val size: Int) {
    private val key = name + size
    fun key() = key
}
