interface Lamp {
    fun shine(minutes: Int)
    fun hours(): Int
}

class OilLamp : Lamp {
    private var burnt = 0

    override fun shine(minutes: Int) {
        burnt += minutes
    }

    override fun hours() = burnt / 60
}

class NoLamp : Lamp {
    var lastAsked = 0

    override fun shine(minutes: Int) {}

    override fun hours() = 0
}

class Pier(private val lamp: Lamp = NoLamp()) {
    fun evening() {
        lamp.shine(240)
        println(lamp.hours())
    }
}

fun main() {
    Pier().evening()
    Pier(OilLamp()).evening()
}
