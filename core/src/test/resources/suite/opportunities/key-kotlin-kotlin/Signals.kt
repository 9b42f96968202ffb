package aldera

interface Signal { fun show(): String }
class FlagSignal(private val letter: Char) : Signal { override fun show() = "flag $letter" }
class LampSignal(private val flashes: Int) : Signal { override fun show() = "lamp $flashes" }

class Mast {
    private val shown = mutableListOf<String>()

    fun raise(order: String) {
        val signal: Signal = when {
            order == "night" -> LampSignal(3)
            order.startsWith("day") -> FlagSignal(order.last())
            else -> error("no such order: $order")
        }
        shown += signal.show()
    }
}
