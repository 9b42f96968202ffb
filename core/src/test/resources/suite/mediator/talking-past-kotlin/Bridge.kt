package bridge

class Helm(private val desk: BridgeDesk) {
    var course = 0
        private set

    fun turn(degrees: Int) {
        course += degrees
        desk.turned(degrees)
    }

    fun hold() {
        course = 0
    }
}

class Engine(private val desk: BridgeDesk, private val helm: Helm) {
    private var speed = 0

    fun slow() {
        speed /= 2
        helm.hold()
    }

    fun full() {
        speed = 12
        desk.faster(speed)
    }
}

class BridgeDesk {
    lateinit var helm: Helm
    lateinit var engine: Engine

    fun turned(degrees: Int) {
        if (degrees > 30) engine.slow()
    }

    fun faster(speed: Int) {
        if (speed > 10) helm.hold()
    }
}

fun main() {
    val desk = BridgeDesk()
    desk.helm = Helm(desk)
    desk.engine = Engine(desk, desk.helm)
    desk.helm.turn(40)
    desk.engine.full()
}
