package records

interface Archive {
    fun read(key: String): String
    fun write(key: String, text: String)
}

class PaperArchive : Archive {
    private val folders = mutableMapOf<String, String>()

    override fun read(key: String): String = folders[key] ?: error("no folder $key")

    override fun write(key: String, text: String) {
        folders[key] = text
    }
}

class GuardedArchive(private val inner: PaperArchive, private val clerk: Clerk) : Archive by inner {
    override fun write(key: String, text: String) {
        check(clerk.mayWrite) { "${clerk.name} may only read" }
        inner.write(key, text)
    }
}

data class Clerk(val name: String, val mayWrite: Boolean)
