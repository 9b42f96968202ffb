package yard

class OldCrane(private val reach: Int) {
    fun liftToHeight(cm: Int): Boolean = cm <= reach * 100
    fun swingBy(degrees: Double) = degrees % 360.0
}

interface Hoist {
    fun lift(metres: Int): Boolean
    fun turn(degrees: Int): Double
}

class CraneHoist(private val crane: OldCrane) : Hoist {
    override fun lift(metres: Int) = crane.liftToHeight(metres * 100)
    override fun turn(degrees: Int) = crane.swingBy(degrees.toDouble())
}

class Foreman(private val hoist: Hoist) {
    fun unload(): Boolean = hoist.lift(12) && hoist.turn(90) > 0
}
