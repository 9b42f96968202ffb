package harbour

interface Charts {
    fun sheet(area: String): String
}

class PaperCharts : Charts {
    private var opened = 0
    override fun sheet(area: String): String = "sheet of $area no ${++opened}"
}

class RememberedCharts(private val charts: Charts) : Charts {
    private val known = mutableMapOf<String, String>()
    override fun sheet(area: String): String = known.getOrPut(area) { charts.sheet(area) }
}

class Bridge(private val charts: Charts) {
    fun plot() = charts.sheet("west") + charts.sheet("west")
}

fun main() = println(Bridge(RememberedCharts(PaperCharts())).plot())
