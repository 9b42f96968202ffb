package pier

interface GateState {
    fun push(gate: Gate)
}

object Shut : GateState {
    override fun push(gate: Gate) {
        gate.state = Ajar
    }
}

object Ajar : GateState {
    override fun push(gate: Gate) {
        gate.passed += 1
    }
}

class Gate {
    internal var state: GateState = Shut
    internal var passed = 0

    fun push() = state.push(this)
}
