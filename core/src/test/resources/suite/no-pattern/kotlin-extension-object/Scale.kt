interface Scale {
    fun kilos(): Double
    val unit: String
}

class OldScale {
    fun readPounds(): Int = 220
    fun label() = "lb"
}

fun OldScale.asScale(): Scale = object : Scale {
    override fun kilos() = readPounds() * 0.4536
    override val unit get() = "kg"
}

class DigitalScale : Scale {
    override fun kilos() = 99.8
    override val unit = "kg"
}

fun show(scale: Scale) = println("${scale.kilos()} ${scale.unit}")

fun main() {
    show(DigitalScale())
    show(OldScale().asScale())
}
