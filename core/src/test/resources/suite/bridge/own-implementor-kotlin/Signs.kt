package signs

interface Surface {
    fun draw(text: String)
    fun width(): Int
}

class LedSurface : Surface {
    override fun draw(text: String) = println("led $text")
    override fun width() = 32
}

class FlapSurface(private val sign: Sign?) : Surface {
    override fun draw(text: String) {
        println("flap ${sign?.name()} $text")
    }

    override fun width() = 20
}

abstract class Sign {
    protected val surface: Surface = LedSurface()

    abstract fun show(text: String)

    fun name() = "sign ${surface.width()}"
}

class ArrivalSign : Sign() {
    override fun show(text: String) = surface.draw("arriving: $text")
}

class BerthSign(private val berth: Int) : Sign() {
    override fun show(text: String) = surface.draw("$berth $text")
}

fun main() {
    val signs = listOf(ArrivalSign(), BerthSign(4))
    signs.forEach { it.show("Oria") }
    FlapSurface(signs[0]).draw("x")
}
