package hotel

class Kiosk(private val desk: FrontDesk) {
    fun touch(guest: String, room: Int): String =
        desk.checkIn(guest, room, java.time.LocalDate.now()) ?: "sorry, $guest"
}

class Phone(private val desk: FrontDesk) {
    fun call(guest: String, room: Int) = println(desk.late(guest, room))
}
