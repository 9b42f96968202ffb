package harbour

interface GateListener {
    fun turned(open: Boolean)
}

class Siren : GateListener {
    var sounding = false
    override fun turned(open: Boolean) {
        sounding = open
    }
    fun quiet() {
        sounding = false
    }
}

class Counter : GateListener {
    private var turns = 0
    override fun turned(open: Boolean) {
        turns++
    }
}

class LockGate {
    private val listeners = mutableListOf<GateListener>()
    private var open = false

    fun listen(listener: GateListener) {
        listeners += listener
    }

    fun forget(listener: GateListener) {
        listeners -= listener
    }

    fun turn() {
        open = !open
        for (listener in listeners) {
            if (listener is Siren && !open) {
                listener.quiet()
            }
            listener.turned(open)
        }
    }
}

fun main() {
    val gate = LockGate()
    gate.listen(Siren())
    gate.listen(Counter())
    gate.turn()
}
