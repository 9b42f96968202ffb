interface Vessel { fun load(): Double }
class Boat(private val load: Double) : Vessel { override fun load() = load }
class Fleet : Vessel, Iterable<Vessel> {
    private val vessels = mutableListOf<Vessel>()
    fun add(v: Vessel) = apply { vessels += v }
    override fun iterator() = vessels.iterator()
    override fun load(): Double = this.sumOf { it.load() }
}
