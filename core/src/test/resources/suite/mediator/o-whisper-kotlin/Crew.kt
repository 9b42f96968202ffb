package bridge

class Bridge {
    private val helm = Helm(this)
    private val engine = Engine(this, helm)

    fun turned(degrees: Int) {
        engine.slow(if (degrees > 20) 2 else 0)
    }

    fun stalled() {
        helm.centre()
    }

    fun storm() {
        helm.turn(40)
    }
}

class Helm(private val bridge: Bridge) {
    private var angle = 0

    fun turn(degrees: Int) {
        angle = degrees
        bridge.turned(degrees)
    }

    fun centre() {
        angle = 0
    }
}

class Engine(private val bridge: Bridge, private val helm: Helm) {
    private var knots = 10

    fun slow(by: Int) {
        knots -= by
        if (knots <= 0) {
            bridge.stalled()
            helm.centre()
        }
    }
}
