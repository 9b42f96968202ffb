package notes.model

import java.time.Instant

data class Note(val id: Long, val text: String, val tags: Set<String> = emptySet(), val at: Instant = Instant.now())

sealed class Change {
    abstract val at: Instant

    data class Added(val note: Note, override val at: Instant = Instant.now()) : Change()
    data class Edited(val id: Long, val before: String, val after: String, override val at: Instant = Instant.now()) : Change()
    data class Removed(val note: Note, override val at: Instant = Instant.now()) : Change()
}
