package aldera.plan
interface Plan { fun duplicate(): Plan; fun size(): Int }
class DayPlan(private val title: String, private val jobs: MutableList<String>) : Plan {
    var locked = false
    fun add(job: String) { jobs.add(job) }
    fun lock() { locked = true }
    override fun duplicate() = DayPlan(title, jobs)
    override fun size() = jobs.size
}
class TidePlan(private val tides: Map<Int, Double>) : Plan { override fun duplicate(): Plan = this; override fun size() = tides.size }
class Planner(private val models: List<Plan>) { fun new(i: Int) = models[i].duplicate() }
class Hurried { fun again(p: DayPlan): DayPlan { val d = DayPlan("x", mutableListOf()); d.locked = p.locked; return d } }
