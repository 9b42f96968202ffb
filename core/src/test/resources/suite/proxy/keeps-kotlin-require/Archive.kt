interface Archive {
    fun read(page: Int): String
    fun pages(): Int
}
class Paper : Archive {
    override fun read(page: Int) = "page $page"
    override fun pages() = 90
}
class Desk(private val real: Archive) : Archive {
    var clerk = false
    override fun read(page: Int): String { require(clerk) { "clerks only" }
        return real.read(page) }
    override fun pages(): Int { check(clerk)
        return real.pages() }
}
fun open(): String { val archive: Archive = Desk(Paper()); return archive.read(3) }
