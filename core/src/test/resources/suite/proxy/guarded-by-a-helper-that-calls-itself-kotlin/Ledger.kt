package office

interface Ledger {
    fun read(page: Int): String
    fun write(page: Int, text: String)
}

class PaperLedger : Ledger {
    private val pages = mutableMapOf<Int, String>()
    override fun read(page: Int) = pages[page] ?: ""
    override fun write(page: Int, text: String) {
        pages[page] = text
    }
}

class GuardedLedger(private val clerk: Clerk) : Ledger {
    private val real = PaperLedger()

    override fun read(page: Int): String = allowed("read", 2) { real.read(page) }

    override fun write(page: Int, text: String) = allowed("write", 2) { real.write(page, text) }

    private fun <T> allowed(what: String, times: Int, work: () -> T): T {
        if (times == 0) throw IllegalStateException("not allowed: $what")
        if (!clerk.may(what)) return allowed(what, times - 1) { work() }
        return work()
    }
}

class Clerk(private val rights: Set<String>) {
    fun may(what: String) = what in rights
}

class Counter(private val ledger: Ledger) {
    fun look(page: Int) = ledger.read(page)
}

fun open(clerk: Clerk) = Counter(GuardedLedger(clerk))
