interface Watch {
    val next: Watch?
    fun attempt(fault: Int): String?
    fun handle(fault: Int): String = attempt(fault) ?: next?.handle(fault) ?: "nobody"
}
class Sluice(override val next: Watch? = null) : Watch {
    override fun attempt(fault: Int) = if (fault < 3) "sluice" else null
}
class Gatehouse(override val next: Watch? = null) : Watch {
    override fun attempt(fault: Int) = if (fault < 7) "gatehouse" else null
}
fun report(fault: Int) = Sluice(Gatehouse()).handle(fault)
