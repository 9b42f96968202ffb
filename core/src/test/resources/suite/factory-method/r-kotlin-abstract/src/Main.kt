package reports

fun main(args: Array<String>) {
    val rows = listOf("a", "b")
    val export: Export = if (args.contains("--html")) HtmlExport(rows, "Rows") else CsvExport(rows)
    export.save(java.io.File(args.last()))
}
