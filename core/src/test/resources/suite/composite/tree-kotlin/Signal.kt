interface Signal {
    fun send()
}

class Flash(private val seconds: Int) : Signal {
    override fun send() {
        println(seconds)
    }
}

class Sequence : Signal {
    private val signals = mutableListOf<Signal>()

    fun add(signal: Signal) {
        signals.add(signal)
    }

    override fun send() {
        signals.forEach { it.send() }
    }
}

class Operator {
    fun key(signal: Signal) = signal.send()
}
