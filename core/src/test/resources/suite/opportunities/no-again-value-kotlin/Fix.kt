package aldera.fix

data class Fix(val lat: Double, val lon: Double, val course: Double, val speed: Double, val time: Long, val source: String)

class Plotter {
    fun first() = Fix(1.0, 2.0, 3.0, 4.0, 5L, "gps")
}
