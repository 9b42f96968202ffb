package notes.ui

import notes.model.Change
import notes.model.Note
import notes.store.MemoryNoteStore
import notes.store.RecordingNoteStore

class Screen(private val store: RecordingNoteStore) {
    private val lines = ArrayDeque<String>()

    init {
        store.onChange { change ->
            when (change) {
                is Change.Added -> lines.addLast("+ ${change.note.text}")
                is Change.Edited -> lines.addLast("~ ${change.after}")
                is Change.Removed -> lines.addLast("- ${change.note.text}")
            }
        }
    }

    fun type(text: String) = store.save(Note(0, text, tags = Regex("#(\\w+)").findAll(text).map { it.groupValues[1] }.toSet()))
    fun draw() = lines.joinToString("\n")
}

fun main() {
    val screen = Screen(RecordingNoteStore(MemoryNoteStore()))
    screen.type("buy #milk")
    println(screen.draw())
}
