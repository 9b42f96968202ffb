package aldera.run
abstract class Trial {
    fun run(): String {
        prepare()
        val result = measure()
        return "${label()}: $result"
    }
    protected open fun prepare() {}
    protected abstract fun measure(): Int
    protected abstract fun label(): String
}
class SpeedTrial(private val knots: Int) : Trial() {
    private var warm = false
    override fun prepare() { warm = true }
    override fun measure() = if (warm) knots else 0
    override fun label() = "speed"
}
class NoiseTrial : Trial() {
    override fun measure() = 70
    override fun label() = "noise"
}
fun all() = listOf(SpeedTrial(12), NoiseTrial()).map { it.run() }
