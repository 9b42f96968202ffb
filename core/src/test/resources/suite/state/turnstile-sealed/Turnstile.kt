package aldera.gate

sealed interface GateState {
    fun coin(gate: Turnstile)
    fun push(gate: Turnstile): Boolean
}

object Locked : GateState {
    override fun coin(gate: Turnstile) { gate.become(Unlocked) }
    override fun push(gate: Turnstile) = false
}

object Unlocked : GateState {
    override fun coin(gate: Turnstile) { gate.refund() }
    override fun push(gate: Turnstile): Boolean {
        gate.become(Locked)
        return true
    }
}

class Turnstile {
    private var state: GateState = Locked
    private var refunds = 0

    fun coin() = state.coin(this)
    fun push() = state.push(this)
    internal fun become(next: GateState) { state = next }
    internal fun refund() { refunds++ }
}
