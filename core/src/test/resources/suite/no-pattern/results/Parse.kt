package aldera.text

data class Position(val latitude: Double, val longitude: Double)

sealed class Parsed<out T> {
    data class Ok<T>(val value: T) : Parsed<T>()
    data class Failed(val reason: String, val at: Int) : Parsed<Nothing>()
}

fun <T, R> Parsed<T>.map(change: (T) -> R): Parsed<R> = when (this) {
    is Parsed.Ok -> Parsed.Ok(change(value))
    is Parsed.Failed -> this
}

fun <T> Parsed<T>.orElse(other: T): T = when (this) {
    is Parsed.Ok -> value
    is Parsed.Failed -> other
}

class PositionParser(private val text: String) {
    private var at = 0

    fun parse(): Parsed<Position> {
        val latitude = number() ?: return Parsed.Failed("latitude expected", at)
        if (!skip(',')) return Parsed.Failed("comma expected", at)
        val longitude = number() ?: return Parsed.Failed("longitude expected", at)
        return Parsed.Ok(Position(latitude, longitude))
    }

    private fun number(): Double? {
        val start = at
        while (at < text.length && (text[at].isDigit() || text[at] in "+-.")) at++
        return text.substring(start, at).toDoubleOrNull()
    }

    private fun skip(sign: Char): Boolean {
        if (at < text.length && text[at] == sign) {
            at++
            return true
        }
        return false
    }
}

fun main() {
    println(PositionParser("43.1,-8.2").parse().map { it.latitude }.orElse(0.0))
}
