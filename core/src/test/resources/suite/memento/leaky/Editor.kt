package aldera.editor
class Snapshot(var text: String, var cursor: Int)
class Editor {
    private var text = ""
    private var cursor = 0
    private var colour = "black"
    fun type(s: String) { text += s; cursor += s.length }
    fun paint(c: String) { colour = c }
    fun save() = Snapshot(text, cursor)
    fun restore(s: Snapshot) { text = s.text; cursor = s.cursor }
}
class History(private val editor: Editor) {
    private val stack = ArrayDeque<Snapshot>()
    fun push() { stack.addLast(editor.save()) }
    fun undo() { stack.removeLastOrNull()?.let { editor.restore(it) } }
    fun longest() = stack.maxOf { it.text.length }
}
