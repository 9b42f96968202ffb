package aldera.remote
interface Device { var volume: Int; fun power(on: Boolean); fun isOn(): Boolean }
class Foghorn : Device { override var volume = 3; private var on = false; override fun power(on: Boolean) { this.on = on }; override fun isOn() = on }
class Megaphone : Device { override var volume = 1; private var battery = 9; override fun power(on: Boolean) { if (on) battery-- }; override fun isOn() = battery > 0 }
open class Remote(protected val device: Device) {
    open fun toggle() = device.power(!device.isOn())
    fun louder() { device.volume += 1 }
}
class MutingRemote(device: Device) : Remote(device) { fun mute() { device.volume = 0 } }
class TimerRemote(device: Device, private val seconds: Int) : Remote(device) { override fun toggle() { super.toggle(); println(seconds) } }
fun main() { MutingRemote(Foghorn()).toggle(); TimerRemote(Megaphone(), 4).toggle() }
