package trips

interface Route {
    fun minutes(): Int
}

private class PlannedRoute(private val stops: List<String>, private val express: Boolean) : Route {
    override fun minutes(): Int = stops.size * (if (express) 4 else 9)
}

class RouteBuilder {
    private val stops = mutableListOf<String>()
    private var express = false

    fun stop(name: String) = apply { stops += name }

    fun express() = apply { express = true }

    fun build(): Route {
        check(stops.size > 1) { "a route has two stops" }
        return PlannedRoute(stops, express)
    }
}

fun main() {
    println(RouteBuilder().stop("a").stop("b").express().build().minutes())
}
