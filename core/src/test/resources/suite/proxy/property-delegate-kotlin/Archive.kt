package museum

interface Archive {
    fun letter(number: Int): String
    fun count(): Int
}

class CellarArchive(private val shelf: String) : Archive {
    private val letters = List(900) { "letter $it from $shelf" }

    override fun letter(number: Int) = letters[number]

    override fun count() = letters.size
}

class ReadingRoomArchive(shelf: String) : Archive {
    private val cellar: Archive by lazy(LazyThreadSafetyMode.NONE) { CellarArchive(shelf) }

    override fun letter(number: Int) = cellar.letter(number)

    override fun count() = cellar.count()
}
