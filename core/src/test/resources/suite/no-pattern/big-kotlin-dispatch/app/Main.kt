package aldera.dispatch.app

import aldera.dispatch.model.Call
import aldera.dispatch.model.Ship
import aldera.dispatch.model.ShipClass
import aldera.dispatch.model.Slot
import aldera.dispatch.plan.PlanListener
import aldera.dispatch.plan.Planner
import aldera.dispatch.rules.AllRules
import aldera.dispatch.rules.ClassRule
import aldera.dispatch.rules.DepthRule

class Board : PlanListener {
    private val lines = ArrayDeque<String>()
    override fun planned(call: Call, slot: Slot) { lines.addLast("${call.ship.name} at ${slot.quay}") }
    override fun refused(call: Call) { lines.addLast("${call.ship.name} waits") }
    fun text() = lines.joinToString("\n")
}

class Statistics : PlanListener {
    var planned = 0
        private set
    var refused = 0
        private set
    override fun planned(call: Call, slot: Slot) { planned++ }
    override fun refused(call: Call) { refused++ }
}

fun main() {
    val rule = AllRules(listOf(DepthRule(mapOf("F1" to 9.0, "T1" to 14.0)), ClassRule()))
    val planner = Planner(rule, listOf("F1", "T1"))
    val board = Board()
    planner.addListener(board)
    planner.addListener(Statistics())
    planner.plan(Call(Ship("Gaviota", ShipClass.FERRY, 900, 5.5), 8))
    println(board.text())
}
