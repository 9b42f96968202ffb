interface Channel {
    fun order(knots: Int)
    fun done()
}

class Bridge(private val channel: Channel) {
    private var confirmed = 0

    fun faster() = channel.order(12)

    fun hear() {
        confirmed++
    }
}

class Engine(private val channel: Channel) {
    private var knots = 0

    fun run(to: Int) {
        knots = to
        channel.done()
    }
}

class Radio : Channel {
    private var bridge: Bridge? = null
    private var engine: Engine? = null

    fun join(b: Bridge, e: Engine) {
        bridge = b
        engine = e
    }

    override fun order(knots: Int) {
        engine?.run(knots)
    }

    override fun done() {
        bridge?.hear()
    }
}
