package aldera.lock

fun interface LevelListener {
    fun levelChanged(old: Double, new: Double)
}

class LockChamber {
    private val listeners = mutableListOf<LevelListener>()

    var level: Double = 0.0
        set(value) {
            val old = field
            field = value
            listeners.forEach { it.levelChanged(old, value) }
        }

    operator fun plusAssign(listener: LevelListener) {
        listeners.add(listener)
    }

    operator fun minusAssign(listener: LevelListener) {
        listeners -= listener
    }
}

class GateOpener(private val at: Double) : LevelListener {
    var open = false
        private set

    override fun levelChanged(old: Double, new: Double) {
        open = new >= at
    }
}

class LevelBoard : LevelListener {
    override fun levelChanged(old: Double, new: Double) = println("$old -> $new")
}

fun main() {
    val chamber = LockChamber()
    chamber += GateOpener(8.0)
    chamber += LevelBoard()
    chamber.level = 9.0
}
