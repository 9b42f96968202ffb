package harbour

sealed interface Load {
    val tons: Int
    fun labels(): List<String>
}

data class Sack(val name: String, override val tons: Int) : Load {
    override fun labels() = listOf(name)
}

class Pallet(private val loads: List<Load>) : Load {
    override val tons: Int
        get() = loads.sumOf { it.tons }

    override fun labels() = loads.flatMap { it.labels() }
}

fun main() {
    val pallet = Pallet(listOf(Sack("coal", 3), Pallet(listOf(Sack("salt", 2)))))
    println("${pallet.tons} ${pallet.labels()}")
}
