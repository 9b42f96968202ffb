package aldera.ship

class Draught private constructor(val metres: Double) {
    companion object {
        fun ofMetres(value: Double) = Draught(value)
        fun ofFeet(value: Double) = Draught(value * 0.3048)
    }
}

class Pilot {
    fun fits(depth: Double) = Draught.ofFeet(20.0).metres < depth && Draught.ofMetres(3.0).metres < depth
}
