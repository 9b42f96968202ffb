package field

interface Tower {
    fun ready(plane: Plane)
    fun clear(plane: Plane)
}

abstract class Plane(protected val tower: Tower, val sign: String) {
    var waiting = false
        private set

    fun hold() { waiting = true }
    open fun go() { waiting = false }
    abstract fun weight(): Int
}

class Glider(tower: Tower) : Plane(tower, "G") {
    override fun weight() = 1
    fun line() = tower.ready(this)
}

class Freighter(tower: Tower) : Plane(tower, "F") {
    override fun weight() = 40
    fun loaded() = tower.ready(this)
    override fun go() {
        super.go()
        tower.clear(this)
    }
}

class FieldTower : Tower {
    private val planes = mutableListOf<Plane>()
    private var busy = false

    fun enter(plane: Plane) { planes += plane }

    override fun ready(plane: Plane) {
        if (busy || planes.any { it !== plane && it.weight() > plane.weight() }) {
            plane.hold()
        } else {
            busy = true
            plane.go()
        }
    }

    override fun clear(plane: Plane) {
        busy = false
        planes.remove(plane)
        planes.firstOrNull { it.waiting }?.go()
    }
}
