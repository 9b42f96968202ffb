package aldera.crew
import java.time.LocalDate
enum class Rank { DECKHAND, MATE, CAPTAIN }
data class Sailor(val name: String, val rank: Rank, val since: LocalDate)
class Roster private constructor(private val days: Map<LocalDate, List<Sailor>>) {
    fun on(day: LocalDate): List<Sailor> = days[day].orEmpty()
    fun with(day: LocalDate, sailor: Sailor) = Roster(days + (day to (on(day) + sailor)))
    companion object {
        val EMPTY = Roster(emptyMap())
        fun of(vararg entries: Pair<LocalDate, Sailor>) = entries.fold(EMPTY) { roster, (day, sailor) -> roster.with(day, sailor) }
    }
}
interface Rule { fun violations(day: LocalDate, crew: List<Sailor>): List<String> }
class NeedsCaptain : Rule { override fun violations(day: LocalDate, crew: List<Sailor>) = if (crew.any { it.rank == Rank.CAPTAIN }) emptyList() else listOf("$day: no captain") }
class AtLeast(private val n: Int) : Rule { override fun violations(day: LocalDate, crew: List<Sailor>) = if (crew.size >= n) emptyList() else listOf("$day: only ${crew.size}") }
class RosterCheck(private val rules: List<Rule>) {
    fun run(roster: Roster, days: List<LocalDate>): List<String> = days.flatMap { day -> rules.flatMap { it.violations(day, roster.on(day)) } }
}
class Printer(private val out: Appendable) {
    fun print(lines: List<String>) { for (line in lines) out.append(line).append('\n') }
}
fun main() {
    val today = LocalDate.now()
    val roster = Roster.of(today to Sailor("Ana", Rank.CAPTAIN, today))
    Printer(System.out).print(RosterCheck(listOf(NeedsCaptain(), AtLeast(2))).run(roster, listOf(today)))
}
