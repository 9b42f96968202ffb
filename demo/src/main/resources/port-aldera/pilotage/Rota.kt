package aldera.pilotage

interface Rota {
    val size: Int
    fun next(): Pilot
}

class TurnRota(private val pilots: List<Pilot>) : Rota {
    private var turn = 0
    override val size: Int
        get() = pilots.size

    override fun next(): Pilot {
        val pilot = pilots[turn % pilots.size]
        turn += 1
        return pilot.take()
    }
}

/** Hands everything on, and counts how often a pilot was asked for. */
class CountedRota(private val inner: Rota) : Rota by inner {
    var asked = 0
        private set

    override fun next(): Pilot {
        asked += 1
        return inner.next()
    }
}

fun interface OrderLog {
    fun note(line: String)
}

object HarbourOffice : OrderLog {
    private val lines = mutableListOf<String>()
    private val archive by lazy { Archive(lines.size) }

    override fun note(line: String) {
        lines.add(line)
    }
}

class Archive private constructor(val year: Int) {
    companion object {
        operator fun invoke(size: Int): Archive = Archive(2000 + size)
        fun thisYear(): Archive = Archive(2026)
    }
}

fun Rota.counted(): Rota = CountedRota(this)

fun openDesk(pilots: List<Pilot>): PilotDesk {
    val desk = PilotDesk(TurnRota(pilots).counted(), HarbourOffice)
    desk.onMoored = { order -> HarbourOffice.note("moored ${order.ship}") }
    return desk
}
