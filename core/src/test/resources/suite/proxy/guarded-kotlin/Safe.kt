package bank

interface Safe {
    fun open(code: String): Boolean
    fun content(): List<String>
}

class SteelSafe : Safe {
    private val papers = mutableListOf("deed")
    private var open = false
    override fun open(code: String): Boolean {
        open = code.length == 6
        return open
    }
    override fun content(): List<String> = papers.toList()
}

class TimedSafe(private val clock: () -> Int) : Safe {
    private val safe = SteelSafe()

    override fun open(code: String): Boolean {
        if (clock() !in 9..16) return false
        return safe.open(code)
    }

    override fun content(): List<String> {
        if (clock() !in 9..16) return emptyList()
        return safe.content()
    }
}

class Notary(private val safe: Safe) {
    fun deed(): String? = if (safe.open("123456")) safe.content().firstOrNull() else null
}

fun office(hour: Int) = Notary(TimedSafe { hour })
