import html.html

fun page(names: List<String>) = html {
    head { title("Guests") }
    body {
        for (name in names) p(name)
        p { attr("class", "end"); +"that is all" }
    }
}

fun main() = println(page(listOf("ana", "bo")))
