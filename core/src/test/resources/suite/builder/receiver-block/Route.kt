class Route(val name: String, val legs: List<Leg>, val night: Boolean)

data class Leg(val from: String, val to: String)

class RouteBuilder {
    var name = "unnamed"
    var night = false
    private val legs = mutableListOf<Leg>()

    fun leg(from: String, to: String) {
        legs += Leg(from, to)
    }

    infix fun String.goesTo(other: String) {
        legs += Leg(this, other)
    }

    fun build() = Route(name, legs.toList(), night)
}

fun route(block: RouteBuilder.() -> Unit): Route = RouteBuilder().apply(block).build()

fun main() {
    val route = route {
        name = "morning"
        leg("quay", "mole")
        "mole" goesTo "island"
    }
    println(route.legs.size)
}
