import files.Entry
import files.Folder
import files.Link
import files.TextFile

fun report(entry: Entry) = "${entry.name}: ${entry.size}, ${entry.find("tide").size} found"

fun main() {
    val root = Folder("root")
    val notes = Folder("notes")
    notes += TextFile("tides.txt", "high tide at noon")
    notes += Link("today", "tides.txt")
    root += notes
    println(report(root))
}
