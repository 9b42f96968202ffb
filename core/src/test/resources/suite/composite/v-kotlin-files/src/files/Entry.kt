package files

sealed interface Entry {
    val name: String
    val size: Long
    fun find(word: String): List<Entry>
}

data class TextFile(override val name: String, private val text: String) : Entry {
    override val size get() = text.length.toLong()
    override fun find(word: String) = if (word in text || word in name) listOf(this) else emptyList()
}

data class Link(override val name: String, val target: String) : Entry {
    override val size = 0L
    override fun find(word: String): List<Entry> = emptyList()
}

class Folder(override val name: String) : Entry {
    private val entries = mutableListOf<Entry>()

    override val size: Long
        get() = entries.sumOf { it.size }

    operator fun plusAssign(entry: Entry) {
        require(entry !== this)
        entries += entry
    }

    override fun find(word: String): List<Entry> {
        val inside = entries.flatMap { it.find(word) }
        return if (word in name) inside + this else inside
    }
}
