package port

fun main() {
    println(PlainReport().write(listOf("a", "b")))
    println(HtmlReport("tides").write(listOf("c")))
}
