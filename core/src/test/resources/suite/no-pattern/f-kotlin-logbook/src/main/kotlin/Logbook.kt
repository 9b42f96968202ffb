package aldera.log

import java.time.Instant

sealed class Entry {
    abstract val at: Instant
}

data class Sighting(override val at: Instant, val what: String) : Entry()
data class Weather(override val at: Instant, val wind: Int, val rain: Boolean = false) : Entry()
data object Nothing2Report : Entry() {
    override val at: Instant get() = Instant.EPOCH
}

fun interface EntryCheck {
    fun problem(entry: Entry): String?
}

class Logbook(private val checks: List<EntryCheck> = defaultChecks) {
    private val entries = mutableListOf<Entry>()

    fun write(entry: Entry): Result<Int> {
        val problems = checks.mapNotNull { it.problem(entry) }
        if (problems.isNotEmpty()) return Result.failure(IllegalArgumentException(problems.joinToString()))
        entries += entry
        return Result.success(entries.size)
    }

    operator fun get(index: Int): Entry = entries[index]

    fun describe(): String = entries.joinToString("\n") { entry ->
        when (entry) {
            is Sighting -> "saw ${entry.what}"
            is Weather -> "wind ${entry.wind}"
            Nothing2Report -> "-"
        }
    }

    companion object {
        val defaultChecks = listOf(
            EntryCheck { if (it is Weather && it.wind > 12) "no such wind" else null },
            EntryCheck { if (it.at > Instant.now()) "in the future" else null },
        )
    }
}

class Watch(val officer: String, private val book: Logbook) {
    fun report(wind: Int) {
        book.write(Weather(Instant.now(), wind))
            .onFailure { println("${it.message}; $officer should look again") }
    }
}
