package aldera.icons
class Icon internal constructor(val name: String, val size: Int) { fun draw(x: Int) = "$name/$size@$x" }
object Icons {
    private val pool = HashMap<String, Icon>()
    fun get(name: String, size: Int): Icon = pool.getOrPut(name) { Icon(name, size) }
}
class Chart { fun row(names: List<String>) = names.mapIndexed { i, n -> Icons.get(n, 16).draw(i) } }
class Poster { fun big() = Icon("ferry", 90).draw(0) }
