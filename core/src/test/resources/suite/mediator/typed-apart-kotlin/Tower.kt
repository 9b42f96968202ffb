package aldera

interface Tower {
    fun clear(vessel: Vessel, lane: Int): Boolean
    fun gone(vessel: Vessel)
}

abstract class Vessel(protected val tower: Tower, val name: String) {
    abstract fun hold(reason: String)
}

class Ferry(tower: Tower, name: String) : Vessel(tower, name) {
    private var waiting = false
    override fun hold(reason: String) { waiting = true }
    fun depart(lane: Int) {
        if (tower.clear(this, lane)) waiting = false
    }
    fun arrive() = tower.gone(this)
}

class Freighter(tower: Tower, name: String) : Vessel(tower, name) {
    val log = mutableListOf<String>()
    override fun hold(reason: String) { log += reason }
    fun weighAnchor() {
        check(tower.clear(this, 2)) { "wait" }
    }
    fun anchor() = tower.gone(this)
}

class HarbourTower : Tower {
    private val under = mutableMapOf<Int, Vessel>()

    override fun clear(vessel: Vessel, lane: Int): Boolean {
        val other = under[lane]
        if (other != null && other !== vessel) {
            other.hold("make way for ${vessel.name}")
            return false
        }
        under[lane] = vessel
        return true
    }

    override fun gone(vessel: Vessel) {
        under.values.remove(vessel)
        under.values.forEach { it.hold("look out") }
    }
}
