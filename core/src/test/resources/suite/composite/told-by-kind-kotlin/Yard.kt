interface Part { fun weight(): Int }
class Bolt(private val grams: Int) : Part { override fun weight() = grams }
class Frame : Part {
    private val parts = mutableListOf<Part>()
    fun add(part: Part) { parts.add(part) }
    override fun weight(): Int {
        var sum = 0
        for (part in parts) {
            if (part is Frame && part.isEmpty()) continue
            sum += part.weight()
        }
        return sum
    }
    fun isEmpty() = parts.isEmpty()
}
class Yard {
    fun build(part: Part, more: Part) {
        if (part is Frame) part.add(more)
    }
}
