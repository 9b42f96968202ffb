package port

abstract class Report {
    fun write(rows: List<String>): String {
        val out = StringBuilder()
        out.append(head())
        rows.forEach { out.append(row(it)) }
        out.append(foot(rows.size))
        return out.toString()
    }

    protected abstract fun head(): String

    protected abstract fun row(text: String): String

    protected open fun foot(count: Int): String = ""
}

class PlainReport : Report() {
    override fun head() = "report\n"

    override fun row(text: String) = "- $text\n"
}

class HtmlReport(private val title: String) : Report() {
    override fun head() = "<h1>$title</h1><ul>"

    override fun row(text: String) = "<li>$text</li>"

    override fun foot(count: Int) = "</ul><p>$count</p>"
}
