package aldera.tariff
class Parser(private val tokens: Iterator<Token>) {
    private var token = tokens.next()
    fun parse(): Expr {
        val result = sum()
        check(token.kind == Kind.END) { "unexpected ${token.text}" }
        return result
    }
    private fun sum(): Expr {
        var left = product()
        while (token.kind == Kind.PLUS) {
            advance()
            left = Plus(left, product())
        }
        return left
    }
    private fun product(): Expr {
        var left = atom()
        while (token.kind == Kind.TIMES) {
            advance()
            left = Times(left, atom())
        }
        return left
    }
    private fun atom(): Expr = when (token.kind) {
        Kind.NUMBER -> Number(take().toInt())
        Kind.NAME -> Fact(take())
        Kind.OPEN -> {
            advance()
            val inner = sum()
            advance()
            inner
        }
        else -> throw IllegalArgumentException(token.text)
    }
    private fun take() = token.text.also { advance() }
    private fun advance() { token = tokens.next() }
}
class TariffBook { fun dues(rule: String, facts: Map<String, Int>) = Parser(Lexer(rule)).parse().value(facts) }
