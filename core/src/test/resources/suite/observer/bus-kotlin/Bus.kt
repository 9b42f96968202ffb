import kotlin.reflect.KClass

sealed interface Event
data class Arrived(val ship: String) : Event
data class Left(val ship: String) : Event

class HarbourBus {
    private val listeners = mutableMapOf<KClass<out Event>, MutableList<(Event) -> Unit>>()

    fun <E : Event> on(kind: KClass<E>, listener: (Event) -> Unit) {
        listeners.getOrPut(kind) { mutableListOf() } += listener
    }

    fun publish(event: Event) {
        listeners[event::class].orEmpty().toList().forEach { it(event) }
    }
}

class Board(bus: HarbourBus) {
    private val lines = mutableListOf<String>()

    init {
        bus.on(Arrived::class) { lines += it.toString() }
        bus.on(Left::class) { lines.clear() }
    }
}
