package aldera.register

data class Registration(
    val name: String,
    val owner: String,
    val year: Int,
    val length: Int,
    val draught: Int,
    val flag: String,
)

class Registry {
    private val all = mutableListOf<Registration>()

    fun enter(name: String, owner: String) {
        all += Registration(name, owner, 2020, 30, 4, "AL")
    }

    fun size() = all.size
}

fun main() {
    val registry = Registry()
    registry.enter("Ana", "Paz")
    println(registry.size())
}
