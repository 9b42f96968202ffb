package aldera.gates

data class GateState(val open: Boolean, val width: Int)

class Gate {
    private var state = GateState(false, 0)

    fun save(): GateState = state
    fun restore(saved: GateState) { state = saved }
    fun open(width: Int) { state = GateState(true, width) }
    fun close() { state = GateState(false, 0) }
    fun passes(beam: Int) = state.open && state.width > beam
}

class GateBook(private val gate: Gate) {
    private val pages = ArrayDeque<GateState>()
    fun note() { pages.addLast(gate.save()) }
    fun undo() { pages.removeLastOrNull()?.let { gate.restore(it) } }
}
