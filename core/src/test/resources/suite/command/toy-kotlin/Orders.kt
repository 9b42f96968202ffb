abstract class Order(protected val editor: Editor) {
    private var backup = ""

    protected fun save() {
        backup = editor.text
    }

    fun undo() {
        editor.text = backup
    }

    abstract fun execute(): Boolean
}

class Copy(editor: Editor) : Order(editor) {
    override fun execute(): Boolean {
        editor.clipboard = editor.selection()
        return false
    }
}

class Paste(editor: Editor) : Order(editor) {
    override fun execute(): Boolean {
        if (editor.clipboard.isEmpty()) return false
        save()
        editor.insert(editor.clipboard)
        return true
    }
}

class Cut(editor: Editor) : Order(editor) {
    override fun execute(): Boolean {
        if (editor.selection().isEmpty()) return false
        save()
        editor.clipboard = editor.selection()
        editor.text = editor.text.drop(3)
        return true
    }
}

class History {
    private val done = ArrayDeque<Order>()
    fun push(order: Order) = done.addLast(order)
    fun pop(): Order? = done.removeLastOrNull()
}

class Editor {
    var text = ""
    var clipboard = ""
    private val history = History()

    fun selection() = text.take(3)

    fun insert(more: String) {
        text += more
    }

    fun key(name: String) {
        when (name) {
            "c" -> run(Copy(this))
            "v" -> run(Paste(this))
            "x" -> run(Cut(this))
            "z" -> undo()
        }
    }

    private fun run(order: Order) {
        if (order.execute()) {
            history.push(order)
        }
    }

    private fun undo() {
        history.pop()?.undo()
    }
}
