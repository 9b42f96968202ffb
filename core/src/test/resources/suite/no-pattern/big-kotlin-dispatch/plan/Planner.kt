package aldera.dispatch.plan

import aldera.dispatch.model.Call
import aldera.dispatch.model.Slot
import aldera.dispatch.rules.BerthRule

interface PlanListener {
    fun planned(call: Call, slot: Slot)
    fun refused(call: Call)
}

class Planner(private val rule: BerthRule, private val quays: List<String>) {
    private val taken = mutableListOf<Slot>()
    private val listeners = mutableListOf<PlanListener>()

    fun addListener(listener: PlanListener) { listeners += listener }
    fun removeListener(listener: PlanListener) { listeners -= listener }

    fun plan(call: Call): Slot? {
        val best = quays.map { Slot(it, call.eta, call.eta + 4) }
            .filter { candidate -> taken.none { it.overlaps(candidate) } }
            .maxByOrNull { rule.score(call, it) }
        if (best == null || rule.score(call, best) < 0) {
            listeners.forEach { it.refused(call) }
            return null
        }
        taken += best
        listeners.forEach { it.planned(call, best) }
        return best
    }
}
