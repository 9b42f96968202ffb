package valves

enum class Phase {
    SHUT {
        override fun turned(valve: Valve) = valve.enter(FLOWING)
    },
    FLOWING {
        override fun turned(valve: Valve) = valve.enter(DRAINING)
        override fun blocked(valve: Valve) = valve.enter(SHUT)
    },
    DRAINING {
        override fun turned(valve: Valve) = valve.enter(SHUT)
    };

    abstract fun turned(valve: Valve)

    open fun blocked(valve: Valve) {}
}

class Valve {
    private var phase = Phase.SHUT

    fun turn() = phase.turned(this)

    fun block() = phase.blocked(this)

    internal fun enter(next: Phase) {
        println("${phase.name} to ${next.name}")
        phase = next
    }
}

fun main() {
    val valve = Valve()
    valve.turn()
    valve.block()
}
