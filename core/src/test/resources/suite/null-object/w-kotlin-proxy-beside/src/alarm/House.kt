package alarm

class House(private var alarm: Alarm = AlarmProxy) {
    fun protect(with: Alarm) {
        alarm = with
    }

    fun intrude(room: String) = alarm.ring(room)

    fun calm() = alarm.silence()
}

fun main() {
    val house = House()
    house.calm()
    house.protect(NoAlarm(Bell(7), setOf(1, 2, 3)))
    house.calm()
}
