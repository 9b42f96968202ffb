class Voyage private constructor(val ship: String, val stops: List<String>) {
    class Plan {
        var ship = ""
        private val stops = mutableListOf<String>()
        fun stop(name: String) { stops += name }
        fun build() = Voyage(ship, stops.toList())
    }
}
fun voyage(fill: Voyage.Plan.() -> Unit): Voyage = Voyage.Plan().apply(fill).build()
val round = voyage {
    ship = "Ana"
    stop("Aldera")
    stop("Bruma")
}
