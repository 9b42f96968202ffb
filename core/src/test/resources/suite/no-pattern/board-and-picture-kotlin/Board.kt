class Picture(val title: String, val rows: List<String>)
class Board {
    var title = ""
    private val rows = mutableListOf<String>()
    fun add(row: String) { rows += row }
    fun longest(): Int = rows.maxOf { it.length }
    fun picture() = Picture(title, rows.toList())
}
fun main() {
    val board = Board()
    board.title = "Aldera"
    board.add("Ana 9:40")
    println(board.longest())
    println(board.picture().title)
}
