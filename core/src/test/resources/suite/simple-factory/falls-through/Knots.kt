package aldera.knots
sealed class Knot { abstract fun crossings(): Int }
class Bowline : Knot() { override fun crossings() = 6 }
class Hitch : Knot() { override fun crossings() = 3 }
class Reef : Knot() { override fun crossings() = 6 }

class KnotSchool {
    fun knotFor(task: String): Knot? = when (task) {
        "mooring" -> Bowline()
        "rail" -> Hitch()
        "parcel" -> Reef()
        else -> null
    }
}

class Apprentice(private val school: KnotSchool) {
    private val favourite: Knot = Hitch()
    fun practise(task: String): Int = (school.knotFor(task) ?: favourite).crossings()
}
