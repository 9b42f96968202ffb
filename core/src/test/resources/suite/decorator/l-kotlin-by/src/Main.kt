package aldera.log

class Watch(private val journal: Journal) {
    fun note(line: String) = journal.write(line)
}

fun main() {
    Watch(NumberedJournal(MemoryJournal()).loud()).note("fog")
    Watch(LimitedJournal(MemoryJournal(), 20)).note("long line")
}
