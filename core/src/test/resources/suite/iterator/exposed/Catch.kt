package aldera.fish
class Catch : Iterable<String> {
    val crates = mutableListOf<String>()
    fun land(name: String) { crates.add(name) }
    override fun iterator(): Iterator<String> = CrateWalk(crates)
}
private class CrateWalk(private val crates: List<String>) : Iterator<String> {
    private var at = 0
    override fun hasNext() = at < crates.size
    override fun next() = crates[at++]
}
class Seller { fun list(c: Catch): Int { var n = 0; for (x in c) n += x.length; return n + c.crates.size } }
