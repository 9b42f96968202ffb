package aldera.bus

class EventBus {
    private val handlers = mutableMapOf<String, MutableList<(String) -> Unit>>()

    fun subscribe(topic: String, handler: (String) -> Unit): () -> Unit {
        handlers.getOrPut(topic) { mutableListOf() }.add(handler)
        return { handlers[topic]?.remove(handler) }
    }

    fun publish(topic: String, text: String) {
        handlers[topic]?.forEach { it(text) }
    }
}

class Mast {
    private var flag = ""

    fun hoist(text: String) {
        flag = text
    }
}

fun main() {
    val bus = EventBus()
    val mast = Mast()
    bus.subscribe("wind") { text -> mast.hoist(text) }
    val leave = bus.subscribe("wind") { println(it) }
    bus.publish("wind", "gale")
    leave()
}
