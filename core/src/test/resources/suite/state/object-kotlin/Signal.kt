package aldera.signal

sealed class Phase {
    abstract fun next(): Phase
    abstract val colour: String

    data object Red : Phase() {
        override fun next() = Green
        override val colour = "red"
    }

    data object Green : Phase() {
        override fun next() = Amber
        override val colour = "green"
    }

    data object Amber : Phase() {
        override fun next() = Red
        override val colour = "amber"
    }
}

class Signal {
    private var phase: Phase = Phase.Red

    fun tick() {
        phase = phase.next()
    }

    fun shows(): String = phase.colour
}
