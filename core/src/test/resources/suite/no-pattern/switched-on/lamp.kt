class Lamp(private val colour: String, private val lit: Boolean) {
    fun lit(on: Boolean): Lamp = Lamp(colour, on)
    fun show() = if (lit) colour else ""
}

class Mast {
    fun night(lamp: Lamp) = lamp.lit(true).show()
}
