package aldera.maps

interface Chart {
    fun depth(x: Int, y: Int): Int
    fun close()
}

class FileChart(private val file: String) : Chart {
    private val depths = java.io.File(file).readLines().map { it.toInt() }
    override fun depth(x: Int, y: Int) = depths[x * 100 + y]
    override fun close() = println("closed $file")
}

class LateChart(private val file: String) : Chart {
    private var real: FileChart? = null

    override fun depth(x: Int, y: Int): Int {
        real = FileChart(file)
        return real!!.depth(x, y)
    }

    override fun close() {
        real?.close()
    }

    fun isOpen() = real != null
}

class Pilot(private val chart: Chart) {
    fun safe(x: Int, y: Int) = chart.depth(x, y) > 5
}

fun main() {
    println(Pilot(LateChart("north.txt")).safe(1, 2))
}
