package aldera

class BerthPlan(var quay: String) {
    var ship: String = ""
    var hours: Int = 0
    var cranes: MutableList<String> = mutableListOf()
    private var locked = false

    fun lock() { locked = true }
    fun isFree() = ship.isEmpty() && !locked
}

class Planner {
    fun tomorrow(today: BerthPlan): BerthPlan {
        val next = BerthPlan(today.quay)
        next.ship = today.ship
        next.hours = today.hours
        return next
    }
}
