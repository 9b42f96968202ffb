interface Manifest {
    fun lines(): List<String>
    fun keep(line: String)
}

object Blank : Manifest {
    override fun lines(): List<String> = emptyList()
    override fun keep(line: String) {}
}

class Paper(private val all: MutableList<String>) : Manifest {
    override fun lines(): List<String> = all
    override fun keep(line: String) { all += line }
}
