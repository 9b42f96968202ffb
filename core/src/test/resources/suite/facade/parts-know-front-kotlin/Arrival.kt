package aldera

class Arrival {
    private val berths = Berths()
    private val customs = Customs(this)
    private val bell = Bell()
    private var today = 0

    fun announce(ship: String): Int {
        val berth = berths.free()
        customs.inspect(ship)
        bell.ring(2)
        today++
        return berth
    }

    fun depart(ship: String, berth: Int) {
        customs.release(ship)
        berths.leave(berth)
        bell.ring(1)
    }

    fun count() = today
}

class Berths {
    private val taken = mutableSetOf<Int>()
    fun free(): Int = (1..9).first { taken.add(it) }
    fun leave(berth: Int) { taken.remove(berth) }
}

class Customs(private val arrival: Arrival) {
    private val held = mutableListOf<String>()
    fun inspect(ship: String) { if (arrival.count() > 3) held += ship }
    fun release(ship: String) { held -= ship }
}

class Bell {
    fun ring(times: Int) = repeat(times) { println("ding") }
}

class Roads(private val arrival: Arrival) {
    fun work(ships: List<String>) {
        for (ship in ships) {
            val berth = arrival.announce(ship)
            arrival.depart(ship, berth)
        }
    }
}
