package aldera.tariff
enum class Kind { NUMBER, NAME, PLUS, TIMES, OPEN, CLOSE, END }
data class Token(val kind: Kind, val text: String)
class Lexer(private val text: String) : Iterator<Token> {
    private var at = 0
    private var ended = false
    override fun hasNext() = !ended
    override fun next(): Token {
        while (at < text.length && text[at] == ' ') at++
        if (at >= text.length) {
            ended = true
            return Token(Kind.END, "")
        }
        val c = text[at]
        return when {
            c == '+' -> single(Kind.PLUS)
            c == '*' -> single(Kind.TIMES)
            c == '(' -> single(Kind.OPEN)
            c == ')' -> single(Kind.CLOSE)
            c.isDigit() -> run(Kind.NUMBER) { it.isDigit() }
            else -> run(Kind.NAME) { it.isLetter() }
        }
    }
    private fun single(kind: Kind) = Token(kind, text[at++].toString())
    private fun run(kind: Kind, part: (Char) -> Boolean): Token {
        val from = at
        while (at < text.length && part(text[at])) at++
        return Token(kind, text.substring(from, at))
    }
}
