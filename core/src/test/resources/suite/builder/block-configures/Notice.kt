package harbour

class Notice private constructor(val title: String, val lines: List<String>, val urgent: Boolean) {
    class Builder {
        private var title = ""
        private val lines = mutableListOf<String>()
        private var urgent = false

        fun title(text: String) {
            title = text
        }

        fun line(text: String) {
            lines += text
        }

        fun urgent() {
            urgent = true
        }

        fun build(): Notice {
            require(title.isNotEmpty()) { "a notice needs a title" }
            return Notice(title, lines.toList(), urgent)
        }
    }
}

fun notice(block: Notice.Builder.() -> Unit): Notice = Notice.Builder().apply(block).build()

fun main() {
    val gale = notice {
        title("Gale")
        line("from the west")
        urgent()
    }
    println(gale.title + gale.lines + gale.urgent)
}
