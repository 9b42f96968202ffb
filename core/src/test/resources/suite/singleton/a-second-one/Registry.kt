package harbour

class Registry private constructor() {
    private val ships = mutableMapOf<String, Int>()

    fun enter(name: String, length: Int) {
        ships[name] = length
    }

    fun length(name: String): Int = ships[name] ?: 0

    companion object {
        private val only = Registry()

        fun get(): Registry = only

        fun rehearsal(): Registry {
            val other = Registry()
            other.enter("Paper Boat", 1)
            return other
        }
    }
}

fun main() {
    Registry.get().enter("Aurora", 90)
    println(Registry.rehearsal().length("Paper Boat"))
}
