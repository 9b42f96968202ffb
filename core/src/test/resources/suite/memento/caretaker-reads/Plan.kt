package aldera.plan

class BerthPlan {
    private var slots = mutableMapOf<Int, String>()
    private var revision = 0

    fun place(berth: Int, ship: String) {
        slots[berth] = ship
        revision++
    }

    fun keep(): Draft = Draft(slots.toMap(), revision)

    fun goBack(draft: Draft) {
        slots = draft.slots.toMutableMap()
        revision = draft.revision
    }
}

class Draft(val slots: Map<Int, String>, val revision: Int)

class Planner(private val plan: BerthPlan) {
    private val drafts = ArrayDeque<Draft>()

    fun tryOut(berth: Int, ship: String) {
        val draft = plan.keep()
        if (draft.slots.containsKey(berth)) {
            return
        }
        drafts.addLast(draft)
        plan.place(berth, ship)
    }

    fun undo() {
        drafts.removeLastOrNull()?.let(plan::goBack)
    }
}
