package aldera

abstract class Check(private val next: Check?) {
    fun pass(boxes: List<String>): Boolean = holds(boxes) && (next?.pass(boxes) ?: true)

    protected abstract fun holds(boxes: List<String>): Boolean
}

class CountCheck(private val most: Int, next: Check? = null) : Check(next) {
    override fun holds(boxes: List<String>) = boxes.size <= most
}

class NameCheck(next: Check? = null) : Check(next) {
    override fun holds(boxes: List<String>) = boxes.none { it.isBlank() }
}

fun main() {
    println(CountCheck(4, NameCheck()).pass(listOf("AL-1", "AL-2")))
}
