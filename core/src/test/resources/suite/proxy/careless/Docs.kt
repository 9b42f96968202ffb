package aldera.docs

interface Document { fun text(): String; fun pages(): Int; fun sign(name: String) }
class StoredDocument(private val path: String) : Document {
    private val content = java.io.File(path).readText()
    private val names = mutableListOf<String>()
    override fun text() = content
    override fun pages() = content.length / 1800
    override fun sign(name: String) { names.add(name) }
}
class LazyDocument(private val path: String) : Document {
    override fun text() = StoredDocument(path).text()
    override fun pages() = StoredDocument(path).pages()
    override fun sign(name: String) { }
    fun forget() { println(path) }
}
class Clerk(private val document: Document) {
    fun glance() = document.text().take(20)
}
class Registrar {
    fun open(path: String): Document = LazyDocument(path)
    fun raw(path: String) = StoredDocument(path).pages()
}
