package signs

interface Lamp {
    fun glow(level: Int)
    fun dark()
}

class Neon : Lamp {
    override fun glow(level: Int) = println("neon $level")
    override fun dark() = println("neon off")
}

class Led : Lamp {
    override fun glow(level: Int) = println("led ${level * 2}")
    override fun dark() = println("led off")
}

abstract class Sign(protected val lamp: Lamp, private val spare: Led) {
    open fun on() = lamp.glow(5)
    fun off() {
        lamp.dark()
        spare.dark()
    }
}

class ShopSign(lamp: Lamp, spare: Led) : Sign(lamp, spare)

class BlinkingSign(lamp: Lamp, spare: Led, private val times: Int) : Sign(lamp, spare) {
    override fun on() {
        repeat(times) {
            lamp.glow(9)
            lamp.dark()
        }
    }
}

fun main() {
    val signs = listOf(ShopSign(Neon(), Led()), BlinkingSign(Led(), Led(), 3))
    signs.forEach { it.on() }
    signs.forEach { it.off() }
}
