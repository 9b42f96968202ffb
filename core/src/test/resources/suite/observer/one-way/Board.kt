interface Panel {
    fun show(text: String)
}

class Left : Panel {
    var last = ""
    override fun show(text: String) {
        last = text
    }
}

class Right : Panel {
    val all = mutableListOf<String>()
    override fun show(text: String) {
        all += text
    }
}

class Board {
    private val panels = mutableListOf<Panel>()
    private var text = ""

    fun add(panel: Panel) {
        panels += panel
    }

    fun remove(panel: Panel) {
        panels -= panel
    }

    fun write(text: String) {
        this.text = text
        panels.forEach { it.show(text) }
    }
}

fun main() {
    val board = Board()
    board.add(Left())
    board.add(Right())
    board.write("Rosa 12:40")
}
