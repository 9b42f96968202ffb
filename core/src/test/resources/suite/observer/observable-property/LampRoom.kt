package aldera

import kotlin.properties.Delegates

class LampRoom {
    private val listeners = mutableListOf<(Int) -> Unit>()

    var power: Int by Delegates.observable(0) { _, _, now ->
        listeners.forEach { it(now) }
    }

    fun onPower(listener: (Int) -> Unit) {
        listeners += listener
    }

    fun forget(listener: (Int) -> Unit) {
        listeners -= listener
    }
}

class Fuse(room: LampRoom) {
    private var blown = false

    init {
        room.onPower { blown = it > 100 }
    }
}
