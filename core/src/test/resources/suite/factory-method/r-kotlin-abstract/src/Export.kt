package reports

interface Writer { fun write(rows: List<String>): ByteArray }

class CsvWriter : Writer {
    override fun write(rows: List<String>) = rows.joinToString("\n").toByteArray()
}

class HtmlWriter(private val title: String) : Writer {
    override fun write(rows: List<String>) =
        buildString { append("<h1>$title</h1>"); rows.forEach { append("<p>$it</p>") } }.toByteArray()
}

abstract class Export(private val rows: List<String>) {
    protected abstract fun writer(): Writer

    fun save(to: java.io.File) {
        val bytes = writer().write(rows)
        to.writeBytes(bytes)
    }
}

class CsvExport(rows: List<String>) : Export(rows) {
    override fun writer(): Writer = CsvWriter()
}

class HtmlExport(rows: List<String>, private val title: String) : Export(rows) {
    override fun writer() = HtmlWriter(title)
}
