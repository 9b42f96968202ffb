package port

class Sheet {
    private val text = StringBuilder()

    operator fun String.unaryPlus() {
        text.append(this)
    }

    fun write(body: Sheet.() -> Unit) {
        body()
    }
}

abstract class Clause {
    abstract fun Sheet.append()
}

class Fixed : Clause() {
    override fun Sheet.append() {
        +"all dues"
    }
}

class Counted(private val days: Int) : Clause() {
    override fun Sheet.append() {
        repeat(days) { println(days) }
    }
}

class Invoice(private val clauses: List<Clause>, private val sheet: Sheet) {
    fun print() {
        clauses.forEach { with(it) { sheet.append() } }
    }
}

fun main() {
    Invoice(listOf(Fixed(), Counted(3)), Sheet()).print()
}
