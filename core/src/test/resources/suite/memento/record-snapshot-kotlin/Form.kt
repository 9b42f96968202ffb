package forms

class Form {
    private var name = ""
    private var tonnes = 0
    private val notes = mutableListOf<String>()

    fun rename(to: String) {
        name = to
    }

    fun weigh(to: Int) {
        tonnes = to
    }

    fun note(text: String) {
        notes += text
    }

    fun snapshot() = Snapshot(name, tonnes, notes.toList())

    fun rollback(to: Snapshot) {
        name = to.name
        tonnes = to.tonnes
        notes.clear()
        notes.addAll(to.notes)
    }

    class Snapshot internal constructor(
        internal val name: String,
        internal val tonnes: Int,
        internal val notes: List<String>,
    )
}

class FormHistory(private val form: Form) {
    private val past = ArrayDeque<Form.Snapshot>()

    fun keep() {
        past.addLast(form.snapshot())
    }

    fun undo() {
        past.removeLastOrNull()?.let(form::rollback)
    }
}

fun main() {
    val form = Form()
    val history = FormHistory(form)
    history.keep()
    form.rename("Oria")
    history.undo()
}
