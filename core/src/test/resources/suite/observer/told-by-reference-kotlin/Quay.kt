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
    private var shown = ""

    override fun moored(barge: String) {
        shown = barge
    }
}

class Quay {
    private val watches = mutableListOf<BargeWatch>()
    private var last = ""

    fun join(watch: BargeWatch) {
        watches += watch
    }

    fun leave(watch: BargeWatch) {
        watches -= watch
    }

    fun moor(barge: String) {
        last = barge
        watches.forEach(::tell)
    }

    private fun tell(watch: BargeWatch) = watch.moored(last)
}
