package alarm

interface Alarm {
    fun ring(room: String)
    fun silence()
}

class Bell(private val volume: Int) : Alarm {
    private var ringing = false

    override fun ring(room: String) {
        ringing = true
        println("$room at $volume")
    }

    override fun silence() {
        ringing = false
    }
}

/** Named like a stand-in, but there is nothing behind it. */
object AlarmProxy : Alarm {
    override fun ring(room: String) {}
    override fun silence() {}
}

/** Named like nothing, but there is a bell behind it. */
class NoAlarm(private val bell: Bell, private val nights: Set<Int>) : Alarm {
    override fun ring(room: String) {
        if (clock.hour() in nights) {
            bell.ring(room)
        }
    }

    override fun silence() = bell.silence()

    private val clock = Clock()
}

class Clock {
    fun hour(): Int = 3
}
