package aldera.plans

class CranePlan internal constructor(val crane: String, val hours: Int, val crew: List<String>)

class CranePlanBuilder {
    var crane: String = ""
    var hours: Int = 8
    private val crew = mutableListOf<String>()

    fun hand(name: String) {
        crew += name
    }

    fun build(): CranePlan {
        require(crane.isNotBlank()) { "a plan needs a crane" }
        return CranePlan(crane, hours, crew.toList())
    }
}

fun cranePlan(block: CranePlanBuilder.() -> Unit): CranePlan {
    val builder = CranePlanBuilder()
    builder.block()
    return builder.build()
}

val monday = cranePlan {
    crane = "north"
    hours = 6
    hand("Ines")
    hand("Tomas")
}
