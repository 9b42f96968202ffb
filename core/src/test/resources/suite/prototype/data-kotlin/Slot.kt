interface Copyable {
    fun duplicate(): Copyable
}

class Slot(private var hour: Int, private var ship: String) {
    fun move(to: Int) {
        hour = to
    }

    fun duplicate(): Slot = Slot(hour, ship)
}

class Roster {
    fun again(slot: Slot) = slot.duplicate()
}
