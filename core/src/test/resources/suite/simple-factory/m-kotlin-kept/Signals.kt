package aldera.signals

sealed interface Signal { fun send(): String }
object Silence : Signal { override fun send() = "" }
class Horn(private val seconds: Int) : Signal { override fun send() = "h".repeat(seconds) }
class Flag(private val letter: Char) : Signal { override fun send() = letter.toString() }

class SignalDesk {
    private val lastFlag = Flag('Q')

    fun create(kind: String): Signal? = when (kind) {
        "horn" -> Horn(4)
        "flag" -> lastFlag
        "bell" -> Flag('B')
        else -> null
    }
}

class Lookout(private val desk: SignalDesk) {
    fun warn(kind: String) = desk.create(kind)?.send() ?: Horn(9).send()
}
