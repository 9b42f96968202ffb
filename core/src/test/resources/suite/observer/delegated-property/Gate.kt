package aldera.gate
import kotlin.properties.Delegates
typealias GateListener = (Boolean) -> Unit
class FloodGate {
    private val listeners = mutableListOf<GateListener>()
    var open: Boolean by Delegates.observable(false) { _, _, now -> listeners.forEach { it(now) } }
    fun onChange(listener: GateListener): () -> Unit {
        listeners += listener
        return { listeners -= listener }
    }
}
class Lamp { var red = true; fun watch(gate: FloodGate) { gate.onChange { red = !it } } }
class Counter { private var n = 0; fun watch(gate: FloodGate) { gate.onChange { n++ } } }
fun main() { val gate = FloodGate(); Lamp().watch(gate); Counter().watch(gate); gate.open = true }
