package aldera.ships

class ShipRegistry constructor() {
    private val ships = mutableMapOf<String, Int>()

    fun enter(name: String, tonnes: Int) { ships[name] = tonnes }
    fun tonnes(name: String): Int? = ships[name]

    companion object {
        private var instance: ShipRegistry? = null

        fun get(): ShipRegistry {
            if (instance == null) {
                instance = ShipRegistry()
            }
            return instance!!
        }
    }
}
