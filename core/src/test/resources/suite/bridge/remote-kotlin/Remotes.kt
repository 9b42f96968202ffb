package living

open class Remote(protected val device: Device) {
    open fun on() = device.power(true)
    fun off() = device.power(false)
    fun louder() { device.volume = device.volume + 1 }
}

class NumberRemote(device: Device) : Remote(device) {
    fun type(number: Int) = device.channel(number)
}

class QuietRemote(device: Device) : Remote(device) {
    override fun on() {
        device.volume = 0
        super.on()
    }
}

fun evening() {
    NumberRemote(Television()).type(4)
    QuietRemote(Radio()).on()
}
