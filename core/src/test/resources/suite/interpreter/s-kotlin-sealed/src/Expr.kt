package calc

sealed interface Expr {
    fun eval(scope: Map<String, Double>): Double

    data class Num(val value: Double) : Expr {
        override fun eval(scope: Map<String, Double>) = value
    }

    data class Var(val name: String) : Expr {
        override fun eval(scope: Map<String, Double>) = scope[name] ?: error("unknown $name")
    }

    data class Op(val sign: Char, val left: Expr, val right: Expr) : Expr {
        override fun eval(scope: Map<String, Double>): Double {
            val a = left.eval(scope)
            val b = right.eval(scope)
            return when (sign) {
                '+' -> a + b
                '*' -> a * b
                else -> error("no $sign")
            }
        }
    }

    data class Let(val name: String, val value: Expr, val body: Expr) : Expr {
        override fun eval(scope: Map<String, Double>) = body.eval(scope + (name to value.eval(scope)))
    }
}

class Calculator {
    private val scope = mutableMapOf<String, Double>()
    fun set(name: String, value: Double) { scope[name] = value }
    fun run(expr: Expr): Double = expr.eval(scope)
}
