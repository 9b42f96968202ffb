package aldera.plan

abstract class Plan {
    abstract fun duplicate(): Plan
}

class TowPlan(val tug: String, private val lines: MutableList<String>) : Plan() {
    override fun duplicate(): Plan = TowPlan(tug, lines.toMutableList())
}

class BerthPlan(val berth: Int, private val shared: MutableList<String>) : Plan() {
    override fun duplicate() = BerthPlan(berth, shared)
}

class Office(private val template: Plan) {
    fun tomorrow(): Plan = template.duplicate()
}
