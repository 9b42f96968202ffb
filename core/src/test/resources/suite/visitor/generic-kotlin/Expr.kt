package calc

interface ExprVisitor<R> {
    fun number(e: Number): R
    fun plus(e: Plus): R
}

sealed interface Expr {
    fun <R> accept(visitor: ExprVisitor<R>): R
}

class Number(val value: Int) : Expr {
    override fun <R> accept(visitor: ExprVisitor<R>): R = visitor.number(this)
}

class Plus(val left: Expr, val right: Expr) : Expr {
    override fun <R> accept(visitor: ExprVisitor<R>): R = visitor.plus(this)
}

class Evaluate : ExprVisitor<Int> {
    override fun number(e: Number) = e.value
    override fun plus(e: Plus) = e.left.accept(this) + e.right.accept(this)
}

class Print : ExprVisitor<String> {
    override fun number(e: Number) = e.value.toString()
    override fun plus(e: Plus) = "(${e.left.accept(this)} + ${e.right.accept(this)})"
}

class Console {
    fun run(expr: Expr): String = "${expr.accept(Print())} = ${expr.accept(Evaluate())}"
}
