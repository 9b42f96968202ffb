package snow
interface Mode {
    fun tick(gun: SnowGun, temp: Double)
    val title: String get() = this::class.simpleName ?: ""
}
class SnowGun(private val log: (String) -> Unit = {}) {
    private var mode: Mode = Idle
        set(value) {
            log("${field.title} -> ${value.title}")
            field = value
        }
    var litres = 0.0
        private set
    fun tick(temp: Double) = mode.tick(this, temp)
    internal fun switchTo(next: Mode) { mode = next }
    internal fun spray(amount: Double) { litres += amount }
}
object Idle : Mode {
    override fun tick(gun: SnowGun, temp: Double) {
        if (temp < -2) gun.switchTo(Priming(3))
    }
}
class Priming(private var left: Int) : Mode {
    override fun tick(gun: SnowGun, temp: Double) {
        left--
        when {
            temp > 0 -> gun.switchTo(Idle)
            left <= 0 -> gun.switchTo(Blowing)
        }
    }
}
object Blowing : Mode {
    override fun tick(gun: SnowGun, temp: Double) {
        gun.spray(2.5)
        if (temp > -1) gun.switchTo(Idle)
    }
}
