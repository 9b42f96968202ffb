package bridge

enum class Toll(val reckon: (Int) -> Int) {
    FLAT({ 3 }),
    PER_AXLE({ axles -> axles * 2 }),
    NIGHT({ axles -> axles + 1 }),
}

class Booth(private var toll: Toll) {
    var taken = 0
        private set

    fun change(next: Toll) {
        toll = next
    }

    fun pass(axles: Int) {
        taken += toll.reckon(axles)
    }
}
