package aldera.http
import java.net.URL
class PortSite(private val base: String) {
    fun page(name: String): String = URL("$base/$name").readText()
    fun exists(name: String): Boolean = try { page(name).isNotEmpty() } catch (e: Exception) { false }
}
class Mirror(private val site: PortSite) {
    private val pages = HashMap<String, String>()
    fun load(names: List<String>) { for (name in names) if (site.exists(name)) pages[name] = site.page(name) }
    fun size() = pages.size
}
