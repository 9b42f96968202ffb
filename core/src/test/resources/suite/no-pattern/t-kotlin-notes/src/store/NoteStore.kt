package notes.store

import notes.model.Change
import notes.model.Note

interface NoteStore {
    fun all(): List<Note>
    fun find(id: Long): Note?
    fun save(note: Note): Note
    fun delete(id: Long): Boolean
}

class MemoryNoteStore : NoteStore {
    private val rows = sortedMapOf<Long, Note>()
    private var next = 1L

    override fun all() = rows.values.toList()
    override fun find(id: Long) = rows[id]
    override fun save(note: Note): Note {
        val kept = if (note.id == 0L) note.copy(id = next++) else note
        rows[kept.id] = kept
        return kept
    }
    override fun delete(id: Long) = rows.remove(id) != null
}

class RecordingNoteStore(private val inner: NoteStore, private val listeners: MutableList<(Change) -> Unit> = mutableListOf()) :
    NoteStore by inner {

    fun onChange(listener: (Change) -> Unit): () -> Unit {
        listeners += listener
        return { listeners -= listener }
    }

    override fun save(note: Note): Note {
        val before = inner.find(note.id)
        val kept = inner.save(note)
        tell(if (before == null) Change.Added(kept) else Change.Edited(kept.id, before.text, kept.text))
        return kept
    }

    override fun delete(id: Long): Boolean {
        val note = inner.find(id) ?: return false
        return inner.delete(id).also { if (it) tell(Change.Removed(note)) }
    }

    private fun tell(change: Change) = listeners.toList().forEach { it(change) }
}
