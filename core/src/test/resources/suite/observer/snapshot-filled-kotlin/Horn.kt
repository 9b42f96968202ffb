interface Hearer { fun blown(seconds: Int) }

class Horn {
    private val hearers = mutableListOf<Hearer>()
    private var blownFor = 0
    fun add(hearer: Hearer) { hearers.add(hearer) }
    fun leave(hearer: Hearer) { hearers.remove(hearer) }
    fun blow(seconds: Int) {
        blownFor += seconds
        val now = mutableListOf<Hearer>()
        now.addAll(hearers)
        for (hearer in now) hearer.blown(blownFor)
    }
}
