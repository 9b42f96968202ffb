package walk

data class Stop(val x: Int, val y: Int)

fun interface Router {
    fun order(stops: List<Stop>): List<Stop>
}

class Nearest : Router {
    override fun order(stops: List<Stop>) = stops.sortedBy { it.x * it.x + it.y * it.y }
}

class NorthFirst : Router {
    override fun order(stops: List<Stop>) = stops.sortedByDescending { it.y }
}

class Tour(private val router: Router) {
    private val stops = mutableListOf<Stop>()

    fun add(stop: Stop) {
        stops += stop
    }

    fun plan(): List<Stop> = router.order(stops)
}

fun main() {
    val tour = Tour(Nearest())
    tour.add(Stop(1, 2))
    println(tour.plan())
    println(Tour(NorthFirst()).plan())
    println(Tour { it.reversed() }.plan())
}
