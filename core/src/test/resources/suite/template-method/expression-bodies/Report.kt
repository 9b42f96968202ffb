package aldera

abstract class Report {
    fun text(): String = listOf(title(), body(), footer()).joinToString("\n")

    protected abstract fun title(): String

    protected abstract fun body(): String

    protected open fun footer() = "port of Aldera"
}

class DuesReport(private val sum: Int) : Report() {
    override fun title() = "dues"
    override fun body() = "$sum coins"
}

class CrewReport(private val names: List<String>) : Report() {
    override fun title() = "crew"
    override fun body() = names.joinToString()
    override fun footer() = "confidential"
}

fun main() {
    println(DuesReport(40).text() + CrewReport(listOf("Ines")).text())
}
