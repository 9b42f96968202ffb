package aldera.log

import java.time.Instant

fun main() {
    val book = Logbook()
    book.write(Sighting(Instant.now(), "seals"))
    Watch("Bo", book).report(5)
    println(book.describe())
}
