package aldera
interface Alarm { fun alarm(level: Int) }
class Siren : Alarm { override fun alarm(level: Int) = println("!") }
class Board : Alarm { override fun alarm(level: Int) = println(level) }
class Gauge {
    private data class Entry(val limit: Int, val alarm: Alarm)
    private val entries = mutableListOf<Entry>()
    private var level = 0
    fun join(limit: Int, alarm: Alarm) { entries += Entry(limit, alarm) }
    fun rise(by: Int) { level += by; entries.filter { level > it.limit }.forEach { it.alarm.alarm(level) } }
}
fun main() { val g = Gauge(); g.join(3, Siren()); g.join(5, Board()); g.rise(4) }
