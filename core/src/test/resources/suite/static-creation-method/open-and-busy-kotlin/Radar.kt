package aldera

import java.net.Socket

class Radar private constructor(host: String, port: Int) {
    private val socket = Socket(host, port)
    var sweeps = 0
        private set

    fun sweep(): Int {
        socket.getOutputStream().write(1)
        return ++sweeps
    }

    companion object {
        fun at(host: String): Radar = Radar(host, 9000)

        fun local(): Radar {
            println("local radar")
            return Radar("localhost", 9001)
        }
    }
}

class Tower {
    private val radar = Radar.at("mole")
    fun look() = radar.sweep() + Radar.local().sweep()
}
