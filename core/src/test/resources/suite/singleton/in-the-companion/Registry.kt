package harbour

class Registry private constructor() {
    private val ships = mutableMapOf<String, Int>()

    fun enter(name: String, length: Int) {
        ships[name] = length
    }

    fun count() = ships.size

    companion object {
        val instance: Registry by lazy { Registry() }
    }
}

class Desk {
    fun book(name: String): Int {
        Registry.instance.enter(name, 9)
        return Registry.instance.count()
    }
}
