package html

@DslMarker
annotation class HtmlDsl

interface Node {
    fun render(out: StringBuilder, indent: String)
}

class Text(private val text: String) : Node {
    override fun render(out: StringBuilder, indent: String) {
        out.append(indent).append(text).append('\n')
    }
}

@HtmlDsl
abstract class Tag(private val name: String) : Node {
    private val children = mutableListOf<Node>()
    private val attributes = linkedMapOf<String, String>()

    protected fun <T : Node> child(node: T, init: T.() -> Unit = {}): T {
        node.init()
        children += node
        return node
    }

    operator fun String.unaryPlus() {
        children += Text(this)
    }

    fun attr(name: String, value: String) {
        attributes[name] = value
    }

    override fun render(out: StringBuilder, indent: String) {
        out.append("$indent<$name${attributes.entries.joinToString("") { " ${it.key}=\"${it.value}\"" }}>\n")
        for (child in children) child.render(out, "$indent  ")
        out.append("$indent</$name>\n")
    }

    override fun toString() = StringBuilder().also { render(it, "") }.toString()
}

class Html : Tag("html") {
    fun head(init: Head.() -> Unit) = child(Head(), init)
    fun body(init: Body.() -> Unit) = child(Body(), init)
}

class Head : Tag("head") {
    fun title(text: String) = child(Title()) { +text }
}

class Title : Tag("title")

class Body : Tag("body") {
    fun p(init: Paragraph.() -> Unit) = child(Paragraph(), init)
    fun p(text: String) = p { +text }
}

class Paragraph : Tag("p")

fun html(init: Html.() -> Unit): Html = Html().apply(init)
