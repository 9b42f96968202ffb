package aldera.dispatch.rules

import aldera.dispatch.model.Call
import aldera.dispatch.model.ShipClass
import aldera.dispatch.model.Slot

interface BerthRule {
    fun score(call: Call, slot: Slot): Int
}

class DepthRule(private val depths: Map<String, Double>) : BerthRule {
    override fun score(call: Call, slot: Slot): Int {
        val depth = depths[slot.quay] ?: return -100
        return if (depth < call.ship.draught) -100 else (depth - call.ship.draught).toInt()
    }
}

class ClassRule : BerthRule {
    override fun score(call: Call, slot: Slot) = when (call.ship.shipClass) {
        ShipClass.FERRY -> if (slot.quay.startsWith("F")) 20 else 0
        ShipClass.TANKER -> if (slot.quay.startsWith("T")) 20 else -50
        ShipClass.TRAWLER -> 5
    }
}

class AllRules(private val rules: List<BerthRule>) : BerthRule {
    override fun score(call: Call, slot: Slot) = rules.sumOf { it.score(call, slot) }
}
