package aldera.plan

class Voyage(val ship: String, val calls: List<String>, val crew: Int)

@DslMarker
annotation class PlanDsl

@PlanDsl
class VoyageBuilder(private val ship: String) {
    private val calls = mutableListOf<String>()
    private var crew = 0

    fun call(harbour: String) {
        calls += harbour
    }

    fun crew(size: Int) {
        crew = size
    }

    fun build(): Voyage {
        require(calls.size > 1) { "a voyage has two calls at least" }
        return Voyage(ship, calls.toList(), crew)
    }
}

fun voyage(ship: String, plan: VoyageBuilder.() -> Unit): Voyage = VoyageBuilder(ship).apply(plan).build()

fun main() {
    val voyage = voyage("Ariel") {
        call("Aldera")
        call("Sandholm")
        crew(7)
    }
    println(voyage.calls)
}
