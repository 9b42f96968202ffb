package port
class Tower {
    fun wait(more: Int): Long { harbourClock().pass(more); return harbourClock().minutes() }
}
