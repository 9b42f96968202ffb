package aldera.export

interface Writer { fun write(text: String) }
class CsvWriter : Writer {
    private val out = StringBuilder()
    override fun write(text: String) { out.append(text).append(';') }
}
class XmlWriter : Writer {
    private val out = StringBuilder()
    override fun write(text: String) { out.append("<row>$text</row>") }
}

abstract class Exporter {
    protected abstract fun open(): Writer

    fun export(rows: List<String>) {
        val writer = open()
        rows.forEach(writer::write)
    }
}

class CsvExporter : Exporter() {
    override fun open(): Writer = CsvWriter()
}

class XmlExporter : Exporter() {
    override fun open() = XmlWriter()
}
