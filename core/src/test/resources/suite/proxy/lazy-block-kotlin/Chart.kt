interface Chart {
    fun depth(x: Int, y: Int): Double
    fun title(): String
}

class FullChart(private val name: String) : Chart {
    private val cells = List(90) { it * 2.0 }
    override fun depth(x: Int, y: Int) = cells[x] + y
    override fun title() = name
}

class LateChart(private val name: String) : Chart {
    private val chart by lazy {
        println("loading $name")
        FullChart(name)
    }
    override fun depth(x: Int, y: Int) = chart.depth(x, y)
    override fun title() = chart.title()
}

fun main() {
    val chart: Chart = LateChart("bay")
    println(chart.depth(3, 4))
}
