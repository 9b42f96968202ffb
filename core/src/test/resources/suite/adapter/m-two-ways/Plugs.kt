package plugs

interface RoundSocket {
    fun power(): Int
}

interface FlatSocket {
    fun volts(): Double
    fun amps(): Double
}

class WallSocket : FlatSocket {
    override fun volts() = 230.0
    override fun amps() = 10.0
}

class RoundFromFlat(private val flat: FlatSocket) : RoundSocket {
    override fun power(): Int = (flat.volts() * flat.amps()).toInt()
}

class Kettle(private val socket: RoundSocket) {
    fun seconds(): Int = 400_000 / socket.power()
}

fun main() {
    println(Kettle(RoundFromFlat(WallSocket())).seconds())
}
