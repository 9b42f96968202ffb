package hiking

class Leg(val to: String, val hours: Int)

class Route(val name: String, val legs: List<Leg>) {
    fun hours() = legs.sumOf { it.hours }
}

@DslMarker
annotation class RouteDsl

@RouteDsl
class RouteBuilder(private val name: String) {
    private val legs = mutableListOf<Leg>()
    private var pause = 0

    infix fun String.after(hours: Int) {
        legs += Leg(this, hours + pause)
    }

    fun rest(hours: Int) {
        pause = hours
    }

    fun build() = Route(name, legs.toList())
}

inline fun route(name: String, block: RouteBuilder.() -> Unit): Route = RouteBuilder(name).apply(block).build()
