interface Lookout { fun heard() }
class Tower : Lookout { var n = 0; override fun heard() { n++ } }
class FogHorn {
    private val lookouts = mutableSetOf<Lookout>()
    fun add(r: Lookout) { lookouts += r }
    fun remove(r: Lookout) { lookouts -= r }
    private var blasts = 0
    fun blast() { blasts++; lookouts.forEach(Lookout::heard) }
}
fun main() { val b = FogHorn(); b.add(Tower()); b.blast() }
