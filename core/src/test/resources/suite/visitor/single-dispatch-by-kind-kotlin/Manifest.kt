package port

interface ManifestVisitor<R> {
    fun container(part: Container): R
    fun bulk(part: Bulk): R
}

sealed class Part {
    abstract fun <R> accept(visitor: ManifestVisitor<R>): R
}

class Container(val number: String, val inside: List<Part>) : Part() {
    override fun <R> accept(visitor: ManifestVisitor<R>): R = visitor.container(this)
}

class Bulk(val tonnes: Double) : Part() {
    override fun <R> accept(visitor: ManifestVisitor<R>): R = visitor.bulk(this)
}

class Weigher : ManifestVisitor<Double> {
    override fun container(part: Container) = part.inside.sumOf { it.accept(this) }
    override fun bulk(part: Bulk) = part.tonnes
}

class Lister : ManifestVisitor<String> {
    override fun container(part: Container) = part.number + part.inside.joinToString { it.accept(this) }
    override fun bulk(part: Bulk) = "bulk"
}

fun main() {
    val load = Container("A1", listOf(Bulk(2.0)))
    println(load.accept(Weigher()))
    println(load.accept(Lister()))
}
