package aldera.charts

interface Charts { fun at(x: Int): String }

class Paper : Charts {
    private val all = mapOf(3 to "shoal")
    override fun at(x: Int) = all[x] ?: ""
}

class KeptCharts(private val charts: Charts) : Charts {
    private val seen = mutableMapOf<Int, String>()
    override fun at(x: Int): String = seen.getOrPut(x) { charts.at(x) }
}

fun main() {
    val charts: Charts = KeptCharts(Paper())
    println(charts.at(3))
}
