package ferry

sealed interface Fare {
    fun cents(): Int
}

data class Adult(val zones: Int) : Fare {
    override fun cents() = zones * 350
}

data object Child : Fare {
    override fun cents() = 150
}

data class Party(val members: List<Fare>) : Fare {
    override fun cents() = members.sumOf { it.cents() }
}

class Reduced(private val fare: Fare, private val percent: Int) : Fare by fare {
    override fun cents() = fare.cents() * (100 - percent) / 100
}

interface FareListener {
    fun sold(fare: Fare)
}

class Till : FareListener {
    private var sum = 0
    override fun sold(fare: Fare) {
        sum += fare.cents()
    }
}

class Passengers : FareListener {
    var count = 0
        private set

    override fun sold(fare: Fare) {
        count += 1
    }
}

object Counter {
    private val listeners = mutableListOf<FareListener>()
    private var last: Fare? = null

    operator fun plusAssign(listener: FareListener) {
        listeners += listener
    }

    fun sell(fare: Fare) {
        last = fare
        listeners.forEach { it.sold(fare) }
    }
}
