package aldera.hoist

class Horn {
    fun sound(times: Int) = println("hoot".repeat(times))
}

class Hoist(private val horn: Horn?) {
    private var height = 0

    fun up() {
        horn?.sound(1)
        height++
    }

    fun down() {
        horn?.sound(2)
        height--
    }

    fun stop() {
        horn?.sound(3)
    }
}

fun main() = Hoist(Horn()).up()
