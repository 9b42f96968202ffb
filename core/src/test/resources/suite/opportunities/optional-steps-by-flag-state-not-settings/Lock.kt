package aldera.lock

class LockChamber {
    private var gateOpen = false
    private var filled = false
    private var occupied = false

    fun step() {
        if (gateOpen) {
            gateOpen = false
        } else if (filled) {
            filled = false
            gateOpen = true
        } else if (occupied) {
            occupied = false
            filled = true
        } else {
            occupied = true
        }
    }

    fun busy() = occupied
}

fun main() {
    val chamber = LockChamber()
    chamber.step()
    println(chamber.busy())
}
