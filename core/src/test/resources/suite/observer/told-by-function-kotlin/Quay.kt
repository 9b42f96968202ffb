package canal

interface BargeWatch {
    fun moored(barge: String)
}

class Ledger : BargeWatch {
    private var count = 0
    override fun moored(barge: String) {
        count++
    }
}

class Lamp : BargeWatch {
    var shown = ""
        private set

    override fun moored(barge: String) {
        shown = barge
    }
}

class Quay {
    private val watches = mutableListOf<BargeWatch>()

    fun join(watch: BargeWatch) {
        watches += watch
    }

    fun leave(watch: BargeWatch) {
        watches -= watch
    }

    fun moor(barge: String) = tell { it.moored(barge) }

    private inline fun tell(block: (BargeWatch) -> Unit) {
        watches.toList().forEach { watch -> block(watch) }
    }
}
