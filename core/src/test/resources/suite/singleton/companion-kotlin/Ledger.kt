package club

class Ledger private constructor(private val path: String) {
    private val rows = mutableListOf<String>()

    fun add(row: String) {
        rows += row
    }

    fun size() = rows.size

    companion object {
        @Volatile
        private var instance: Ledger? = null

        fun get(path: String): Ledger =
            instance ?: synchronized(this) {
                instance ?: Ledger(path).also { instance = it }
            }
    }
}

class Treasurer {
    fun pay(cents: Int) {
        Ledger.get("club.txt").add("paid $cents")
    }
}

class Auditor {
    fun rows() = Ledger.get("club.txt").size()
}
