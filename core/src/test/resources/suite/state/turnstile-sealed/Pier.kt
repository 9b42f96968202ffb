package aldera.gate

class Pier(private val turnstile: Turnstile) {
    fun visitor(): Boolean {
        turnstile.coin()
        return turnstile.push()
    }
}
