package aldera

class Ledger {
    private val rows = mutableListOf<String>()
    fun enter(row: String) { rows.add(row) }
    fun last(): String = rows.last()
}

class Bell {
    fun ring() = println("ding")
}

data class Berth(val name: String)

class HarbourOffice {
    private val ledger = Ledger()
    private val bell = Bell()

    fun assign(berth: Berth) {
        ledger.enter(berth.name)
        bell.ring()
    }

    fun latest(): Berth = Berth(ledger.last()).also { bell.ring() }
}

fun main() {
    val office = HarbourOffice()
    office.assign(Berth("North 3"))
    println(office.latest())
}
