package notices

class Notice private constructor(val title: String, val lines: List<String>, val urgent: Boolean) {

    class Draft {
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

        internal fun finish(): Notice {
            require(title.isNotBlank()) { "a notice needs a title" }
            return Notice(title, lines.toList(), urgent)
        }
    }
}

fun notice(write: Notice.Draft.() -> Unit): Notice = Notice.Draft().apply(write).finish()

fun main() {
    val storm = notice {
        title("Storm")
        line("Force 9 from the west")
        urgent()
    }
    println(storm.lines)
}
