package aldera.registry

object HarbourRegistry {
    private val ships = mutableMapOf<String, Int>()
    var locked = false
        private set

    fun register(name: String, tons: Int) {
        check(!locked) { "registry is locked" }
        ships[name] = tons
    }

    fun tons(name: String): Int? = ships[name]

    fun lock() {
        locked = true
    }
}

object Units {
    const val FATHOM = 1.8288
    fun metres(fathoms: Double) = fathoms * FATHOM
}

class Surveyor(private val name: String) {
    fun survey(ship: String) = (HarbourRegistry.tons(ship) ?: 0) * Units.FATHOM

    companion object {
        private const val DEFAULT = "Bo"
        fun standard() = Surveyor(DEFAULT)
    }
}

fun main() {
    HarbourRegistry.register("Ariel", 400)
    println(Surveyor.standard().survey("Ariel"))
}
