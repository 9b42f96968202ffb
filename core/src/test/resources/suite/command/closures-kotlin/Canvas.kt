package draw

class Canvas {
    private val marks = mutableListOf<String>()
    fun add(mark: String) { marks.add(mark) }
    fun drop(mark: String) { marks.remove(mark) }
    fun size() = marks.size
}

class Undo {
    private val steps = ArrayDeque<() -> Unit>()

    fun remember(step: () -> Unit) {
        steps.addLast(step)
    }

    fun undo() {
        val step = steps.removeLastOrNull() ?: return
        step()
    }
}

class Painter(private val canvas: Canvas, private val undo: Undo) {
    fun dot(name: String) {
        canvas.add(name)
        undo.remember { canvas.drop(name) }
    }
}
