package aldera.lock

sealed interface GateState {
    fun open(gate: LockGate)
    fun close(gate: LockGate)
    fun level(gate: LockGate, metres: Double)
}

data object Shut : GateState {
    override fun open(gate: LockGate) {
        if (gate.difference < 0.1) gate.moveTo(Opening)
    }
    override fun close(gate: LockGate) = Unit
    override fun level(gate: LockGate, metres: Double) { gate.difference = metres }
}

data object Opening : GateState {
    override fun open(gate: LockGate) { gate.moveTo(Wide) }
    override fun close(gate: LockGate) { gate.moveTo(Shut) }
    override fun level(gate: LockGate, metres: Double) { if (metres > 0.1) gate.moveTo(Shut) }
}

data object Wide : GateState {
    override fun open(gate: LockGate) {}
    override fun close(gate: LockGate) { gate.moveTo(Shut) }
    override fun level(gate: LockGate, metres: Double) {}
}

class LockGate {
    private var state: GateState = Shut
    var difference: Double = 1.0
        internal set

    fun open() = state.open(this)
    fun close() = state.close(this)
    fun level(metres: Double) = state.level(this, metres)

    internal fun moveTo(next: GateState) {
        println("${state} -> $next")
        state = next
    }
}

fun main() {
    val gate = LockGate()
    gate.level(0.05)
    gate.open(); gate.open(); gate.close()
}
