package stage

interface Lamp {
    fun light(): Int
    fun name(): String
}

class Bulb : Lamp {
    override fun light() = 60
    override fun name() = "bulb"
}

fun Lamp.dimmed(percent: Int): Lamp {
    val inner = this
    return object : Lamp by inner {
        override fun light() = inner.light() * percent / 100
    }
}

fun Lamp.tinted(colour: String): Lamp {
    val inner = this
    return object : Lamp {
        override fun light() = inner.light()
        override fun name() = "$colour ${inner.name()}"
    }
}

class Show {
    fun opening(): Int = Bulb().dimmed(50).tinted("red").light()
}
