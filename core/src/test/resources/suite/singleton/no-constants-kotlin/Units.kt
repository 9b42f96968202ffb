object Units {
    const val MILE = 1852
    fun metres(miles: Int): Int = miles * MILE
}

class Plotter {
    fun leg(miles: Int) = Units.metres(miles)
}
