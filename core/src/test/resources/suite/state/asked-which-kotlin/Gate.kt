package gate

sealed interface GateState {
    fun push(gate: Gate)
}

object Closed : GateState {
    override fun push(gate: Gate) {
        gate.state = Open
    }
}

object Open : GateState {
    override fun push(gate: Gate) {
        gate.state = Closed
    }
}

object Broken : GateState {
    override fun push(gate: Gate) {
        println("the gate is broken")
    }
}

class Gate {
    internal var state: GateState = Closed

    fun push() = state.push(this)

    fun lamp(): String = if (state is Open) "green" else "red"
}

fun main() {
    val gate = Gate()
    gate.push()
    println(gate.lamp())
}
