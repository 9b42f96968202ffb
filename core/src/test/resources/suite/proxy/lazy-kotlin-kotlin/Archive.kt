package aldera

interface Archive {
    fun page(n: Int): String
    fun size(): Int
}

class PaperArchive(private val shelf: String) : Archive {
    private val pages = List(40) { "$shelf $it" }
    override fun page(n: Int) = pages[n]
    override fun size() = pages.size
}

class LateArchive(private val shelf: String) : Archive {
    private val real by lazy { PaperArchive(shelf) }
    override fun page(n: Int) = real.page(n)
    override fun size() = real.size()
}

class Reader(private val archive: Archive) {
    fun last() = archive.page(archive.size() - 1)
}

fun main() {
    println(Reader(LateArchive("B")).last())
}
