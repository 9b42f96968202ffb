package aldera.pilots

sealed interface Duty {
    fun call(pilot: Pilot): Duty
    fun rest(pilot: Pilot): Duty
}

object Resting : Duty {
    override fun call(pilot: Pilot): Duty {
        pilot.note("called")
        return OnBoard(1)
    }

    override fun rest(pilot: Pilot): Duty = this
}

class OnBoard(private val ships: Int) : Duty {
    override fun call(pilot: Pilot): Duty = if (ships >= 3) this else OnBoard(ships + 1)

    override fun rest(pilot: Pilot): Duty {
        pilot.note("rests after $ships")
        return Resting
    }
}

class Pilot(val name: String) {
    private var duty: Duty = Resting
    private val notes = mutableListOf<String>()

    fun call() {
        duty = duty.call(this)
    }

    fun rest() {
        duty = duty.rest(this)
    }

    fun note(text: String) {
        notes += "$name $text"
    }

    fun snapshot(): Saved = Saved(duty, notes.toList())

    fun restore(saved: Saved) {
        duty = saved.duty
        notes.clear()
        notes += saved.notes
    }

    class Saved internal constructor(internal val duty: Duty, internal val notes: List<String>)
}

class DutyOfficer(private val pilot: Pilot) {
    private val saved = ArrayDeque<Pilot.Saved>()

    fun remember() {
        saved.addLast(pilot.snapshot())
    }

    fun goBack() {
        saved.removeLastOrNull()?.let(pilot::restore)
    }
}

fun main() {
    val pilot = Pilot("Paz")
    val officer = DutyOfficer(pilot)
    officer.remember()
    pilot.call()
    pilot.call()
    officer.goBack()
    pilot.rest()
}
