interface Position { fun next(gate: Gate) }
object Open : Position { override fun next(gate: Gate) { gate.position = Closed } }
object Closed : Position { override fun next(gate: Gate) { gate.position = Open } }
abstract class Gate {
    abstract var position: Position
    fun press() { position.next(this) }
}
class LockGate : Gate() { override var position: Position = Closed }
