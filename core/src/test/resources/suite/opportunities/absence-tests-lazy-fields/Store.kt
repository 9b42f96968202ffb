package aldera.store

class Index(val words: List<String>)

class Store(private val names: List<String>) {
    private var byLength: Index? = null
    private var byName: Index? = null
    private var reversed: Index? = null

    fun sizes(): Index {
        if (byLength == null) byLength = Index(names.sortedBy { it.length })
        return byLength!!
    }

    fun sorted(): Index {
        if (byName == null) byName = Index(names.sorted())
        return byName!!
    }

    fun backwards(): Index {
        if (reversed == null) reversed = Index(names.reversed())
        return reversed!!
    }
}

fun main() = println(Store(listOf("rope")).sorted().words)
