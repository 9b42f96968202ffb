package harbour

class Notice(val head: String, val body: String)

interface NoticeBuilder {
    fun head(title: String)
    fun line(text: String)
    fun notice(): Notice
}

class PlainBuilder : NoticeBuilder {
    private var head = ""
    private val lines = mutableListOf<String>()
    override fun head(title: String) { head = title }
    override fun line(text: String) { lines += text }
    override fun notice() = Notice(head, lines.joinToString("\n"))
}

class MarkedBuilder : NoticeBuilder {
    private val body = StringBuilder()
    private var head = ""
    override fun head(title: String) { head = "# $title" }
    override fun line(text: String) { body.append("- ").append(text).append('\n') }
    override fun notice() = Notice(head, body.toString())
}

class Clerk(private val builder: NoticeBuilder) {
    fun gale() {
        builder.head("Gale")
        builder.line("from the west")
    }
}

fun main() {
    val marked = MarkedBuilder()
    Clerk(marked).gale()
    println(marked.notice().body)
    val plain = PlainBuilder()
    Clerk(plain).gale()
    println(plain.notice().head)
}
