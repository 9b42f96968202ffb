enum class Kind { FERRY, TANKER, YACHT }

fun interface Dues {
    fun cents(tons: Int): Int
}

class DuesDesk(private val rules: Map<Kind, Dues>) {
    fun bill(kind: Kind, tons: Int): Int {
        val rule = rules[kind] ?: error("no rule for $kind")
        return rule.cents(tons)
    }
}

class PerTon(private val each: Int) : Dues {
    override fun cents(tons: Int) = tons * each
}

class Flat : Dues {
    override fun cents(tons: Int) = if (tons > 100) 900 else 400
}

fun main() {
    val desk = DuesDesk(mapOf(Kind.FERRY to PerTon(3), Kind.TANKER to PerTon(9), Kind.YACHT to Flat()))
    println(desk.bill(Kind.TANKER, 400))
}
