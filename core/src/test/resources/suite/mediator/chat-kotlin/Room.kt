package aldera.radio
interface Channel {
    fun join(station: Station)
    fun pass(text: String, from: Station)
}
abstract class Station(val call: String, protected val channel: Channel) {
    init { channel.join(this) }
    fun say(text: String) = channel.pass(text, this)
    abstract fun hear(text: String, from: String)
}
class ShipStation(call: String, channel: Channel) : Station(call, channel) {
    private val log = mutableListOf<String>()
    override fun hear(text: String, from: String) { log += "$from: $text" }
}
class ShoreStation(call: String, channel: Channel) : Station(call, channel) {
    var answered = 0
    override fun hear(text: String, from: String) { if (text.startsWith(call)) { answered++; say("$from go ahead") } }
}
class Channel16 : Channel {
    private val stations = mutableListOf<Station>()
    override fun join(station: Station) { stations.add(station) }
    override fun pass(text: String, from: Station) {
        stations.filter { it !== from }.forEach { it.hear(text, from.call) }
    }
}
fun main() {
    val channel = Channel16()
    val ship = ShipStation("Gaviota", channel)
    ShoreStation("Aldera", channel)
    ship.say("Aldera, Gaviota")
}
