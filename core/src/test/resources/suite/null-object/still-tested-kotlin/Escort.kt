package trips

interface Guide {
    fun explain(place: String)
    fun fee(hours: Int): Int
}

class TownGuide(private val rate: Int) : Guide {
    private val told = mutableListOf<String>()
    override fun explain(place: String) { told += place }
    override fun fee(hours: Int) = hours * rate
}

object NoGuide : Guide {
    override fun explain(place: String) {}
    override fun fee(hours: Int) = 0
}

class Trip(private var guide: Guide?) {
    fun without() { guide = NoGuide }

    fun visit(place: String) {
        if (guide != null) {
            guide!!.explain(place)
        }
    }

    fun price(hours: Int): Int = 20 + (guide?.fee(hours) ?: 0)
}
