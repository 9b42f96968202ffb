package port
class HarbourClock internal constructor() {
    private var minutes = 0L
    fun pass(more: Int) { minutes += more }
    fun minutes() = minutes
}
private val kept by lazy { HarbourClock() }
fun harbourClock(): HarbourClock = kept
