package aldera

class CrewList internal constructor(val ship: String, val hands: List<String>, val cook: String?)

class CrewListBuilder(private val ship: String) {
    private val hands = mutableListOf<String>()
    private var cook: String? = null

    fun hand(name: String) {
        hands.add(name)
    }

    fun cook(name: String) {
        cook = name
    }

    fun build(): CrewList {
        require(hands.isNotEmpty()) { "nobody aboard $ship" }
        return CrewList(ship, hands.toList(), cook)
    }
}

fun crewOf(ship: String, block: CrewListBuilder.() -> Unit): CrewList =
    CrewListBuilder(ship).apply(block).build()
