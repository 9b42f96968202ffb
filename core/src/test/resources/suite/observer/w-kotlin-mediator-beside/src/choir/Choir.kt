package choir

interface RehearsalListener {
    fun moved(day: String)
}

class RehearsalMediator {
    private val listeners = mutableListOf<RehearsalListener>()

    var day = "Monday"
        set(value) {
            field = value
            listeners.toList().forEach { it.moved(value) }
        }

    fun join(listener: RehearsalListener) {
        listeners += listener
    }

    fun leave(listener: RehearsalListener) {
        listeners -= listener
    }
}

class Diary(private val owner: String) : RehearsalListener {
    override fun moved(day: String) = println("$owner: sing on $day")
}

class HallBooking : RehearsalListener {
    private var booked = ""

    override fun moved(day: String) {
        booked = day
    }
}
