package aldera.weigh

interface Scale {
    fun weigh(item: String): Double
    fun zero()
    fun unit(): String
}

class PlatformScale : Scale {
    private var offset = 0.0
    override fun weigh(item: String) = item.length * 2.0 - offset
    override fun zero() { offset = 0.1 }
    override fun unit() = "kg"
}

class HookScale {
    private var tare = 0.0
    fun weight(item: String): Double = item.length * 3.0 - tare
    fun zero() { tare = 0.2 }
    fun unit(): String = "lb"
}

class Weighbridge(private val scale: Scale) {
    fun ticket(item: String) = "${scale.weigh(item)} ${scale.unit()}"
}
