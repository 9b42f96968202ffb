package port

sealed interface Load {
    val tonnes: Double
    fun describe(indent: Int = 0): String
}

data class Crate(override val tonnes: Double, val label: String) : Load {
    override fun describe(indent: Int) = " ".repeat(indent) + label
}

class Pallet(private val loads: MutableList<Load> = mutableListOf()) : Load {
    override val tonnes get() = loads.sumOf { it.tonnes } + 0.02

    operator fun plusAssign(load: Load) {
        loads += load
    }

    override fun describe(indent: Int) =
        loads.joinToString("\n") { it.describe(indent + 2) }
}

fun main() {
    val pallet = Pallet()
    pallet += Crate(0.4, "nets")
    pallet += Pallet().apply { this += Crate(1.0, "rope") }
    println(pallet.describe())
    println(pallet.tonnes)
}
