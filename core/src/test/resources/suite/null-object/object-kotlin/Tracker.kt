interface Tracker {
    fun move(x: Int)
}

class MapTracker : Tracker {
    private val path = mutableListOf<Int>()
    override fun move(x: Int) {
        path.add(x)
    }
}

object NoTracker : Tracker {
    override fun move(x: Int) {
    }
}

class Boat(private val tracker: Tracker = NoTracker) {
    fun sail() = tracker.move(1)
}
