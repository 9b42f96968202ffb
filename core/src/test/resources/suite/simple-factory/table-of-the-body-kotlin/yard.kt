interface Boat { fun launch(): Int }
class Tug : Boat { override fun launch() = 1 }
class Ferry : Boat { override fun launch() = 2 }
object Yard {
    fun boatFor(e: String): Boat {
        val makers = mapOf("tug" to ::Tug, "ferry" to ::Ferry)
        return makers.getValue(e)()
    }
}
