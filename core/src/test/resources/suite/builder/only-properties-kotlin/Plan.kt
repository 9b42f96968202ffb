package aldera.plans

class CranePlan internal constructor(val crane: String, val hours: Int, val note: String?)

class CranePlanBuilder {
    var crane: String = ""
    var hours: Int = 8
    var note: String? = null

    fun build(): CranePlan {
        require(crane.isNotBlank()) { "a plan needs a crane" }
        return CranePlan(crane, hours, note)
    }
}

fun cranePlan(block: CranePlanBuilder.() -> Unit): CranePlan = CranePlanBuilder().apply(block).build()

val monday = cranePlan {
    crane = "north"
    hours = 6
}
