interface Door { var position: Position }
interface Position { fun press(door: Door) }
object Open : Position { override fun press(door: Door) { door.position = Closed } }
object Closed : Position { override fun press(door: Door) { door.position = Open } }
class LockGate : Door {
    override var position: Position = Closed
    fun press() { position.press(this) }
}
