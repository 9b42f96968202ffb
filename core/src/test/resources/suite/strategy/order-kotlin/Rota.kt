package harbour

class Rota(private val order: (String) -> Int) {
    private val names = mutableListOf<String>()

    fun enter(name: String) {
        names += name
    }

    fun watches(): List<String> = names.sortedBy(order)
}

fun main() {
    val day = Rota { it.length }
    day.enter("Ines")
    val night = Rota { it.first().code }
    night.enter("Bo")
    println(day.watches() + night.watches())
}
