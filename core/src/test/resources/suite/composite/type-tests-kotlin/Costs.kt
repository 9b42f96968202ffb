package build

sealed interface Cost {
    fun cents(): Long
}

class Item(private val cents: Long) : Cost {
    override fun cents() = cents
}

class Bundle(private val name: String) : Cost {
    private val parts = mutableListOf<Cost>()

    fun add(part: Cost) = apply { parts += part }
    override fun cents() = parts.sumOf { it.cents() }
    fun title() = name
}

class Quote(private val costs: List<Cost>) {
    fun lines(): List<String> = costs.map {
        when (it) {
            is Bundle -> "${it.title()} ${it.cents()}"
            is Item -> "item ${it.cents()}"
        }
    }
}
