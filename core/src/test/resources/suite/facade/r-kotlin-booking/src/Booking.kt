package hotel

class Calendar {
    private val taken = mutableSetOf<Pair<Int, java.time.LocalDate>>()
    fun isFree(room: Int, day: java.time.LocalDate) = (room to day) !in taken
    fun take(room: Int, day: java.time.LocalDate) { taken += room to day }
}

class Ledger {
    private val entries = mutableListOf<String>()
    fun charge(guest: String, cents: Int) { entries += "$guest $cents" }
}

class Doorman {
    fun codeFor(room: Int): String = "%04d".format(room * 37 % 10000)
}

class FrontDesk {
    private val calendar = Calendar()
    private val ledger = Ledger()
    private val doorman = Doorman()

    fun checkIn(guest: String, room: Int, day: java.time.LocalDate): String? {
        if (!calendar.isFree(room, day)) return null
        calendar.take(room, day)
        ledger.charge(guest, 9_000)
        return doorman.codeFor(room)
    }

    fun late(guest: String, room: Int): String {
        ledger.charge(guest, 1_500)
        return doorman.codeFor(room)
    }
}
