package aldera

interface SeaMark {
    fun accept(visitor: MarkVisitor)
}

class Buoy(val colour: String) : SeaMark {
    override fun accept(visitor: MarkVisitor) = visitor.visit(this)
}

class Perch(val metres: Int) : SeaMark {
    override fun accept(visitor: MarkVisitor) = visitor.visit(this)
}

class Channel(private val marks: List<SeaMark>) : SeaMark {
    override fun accept(visitor: MarkVisitor) {
        marks.forEach { it.accept(visitor) }
        visitor.visit(this)
    }
}

interface MarkVisitor {
    fun visit(mark: SeaMark)
}

class Painter : MarkVisitor {
    var litres = 0
        private set

    override fun visit(mark: SeaMark) {
        when (mark) {
            is Buoy -> litres += 3
            is Perch -> litres += mark.metres
            else -> Unit
        }
    }
}
