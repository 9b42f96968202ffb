package aldera.log
interface Journal { fun enter(line: String); fun lines(): List<String>; fun clear() }
class PaperJournal : Journal {
    private val kept = mutableListOf<String>()
    override fun enter(line: String) { kept += line }
    override fun lines() = kept.toList()
    override fun clear() = kept.clear()
}
class StampedJournal(private val inner: Journal) : Journal by inner {
    override fun enter(line: String) { inner.enter("${System.currentTimeMillis()} $line") }
}
class CountedJournal(private val inner: Journal) : Journal by inner {
    var count = 0
        private set
    override fun enter(line: String) { count++; inner.enter(line) }
}
fun open(): Journal = CountedJournal(StampedJournal(PaperJournal()))
