package aldera.dto

data class ShipRow(val name: String, val tons: Int)

class ShipView(private val row: ShipRow) {
    val title: String get() = row.name.uppercase()
    fun line(): String = "$title ${row.tons} t"
}

class Importer(private val source: () -> List<String>) {
    fun load(): List<ShipRow> = source().map { line ->
        val parts = line.split(";")
        ShipRow(parts[0], parts[1].toInt())
    }
}

fun main() {
    val rows = Importer { listOf("Doris;900") }.load()
    rows.map(::ShipView).forEach { println(it.line()) }
}
