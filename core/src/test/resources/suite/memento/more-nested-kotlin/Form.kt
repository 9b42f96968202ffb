package aldera.form

class CargoForm {
    var owner: String = ""
    private val items = mutableListOf<String>()

    fun add(item: String) { items.add(item) }

    fun snapshot(): Snapshot = Snapshot(owner, items.toList())

    fun restore(snapshot: Snapshot) {
        owner = snapshot.owner
        items.clear()
        items.addAll(snapshot.items)
    }

    class Snapshot internal constructor(internal val owner: String, internal val items: List<String>)
}

class Undo(private val form: CargoForm) {
    private val stack = ArrayDeque<CargoForm.Snapshot>()
    fun mark() { stack.addLast(form.snapshot()) }
    fun back() { stack.removeLastOrNull()?.let(form::restore) }
}
